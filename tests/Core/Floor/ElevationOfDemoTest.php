<?php

declare(strict_types=1);

use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Floor\Elevation\Body;
use StoneDrill\Core\Floor\Elevation\Elevation;
use StoneDrill\Core\Floor\Elevation\Node;
use StoneDrill\Core\Floor\Elevation\Side;
use StoneDrill\Core\Floor\Posture;
use StoneDrill\Core\Floor\Stance;
use Tests\Core\Checks\TrustFixture;

/** @return list<Node> every joint that is drawn */
function nodes(Body $body): array
{
    return [
        $body->crown,
        $body->eye,
        $body->chin,
        ...array_values([...$body->shoulders]),
        ...array_values($body->hips),
        ...array_values($body->knees),
        ...array_values($body->ankles),
        ...array_values($body->hands),
    ];
}

/** @return Generator<array{Body, Stance}> both bodies of every beat of every sound answer */
function everybody(): Generator
{
    foreach (TrustFixture::examinations() as $examination) {
        /** @var Examination $examination */
        foreach ([$examination->trial->run->start, ...$examination->trial->run->frames] as $frame) {
            $elevation = Elevation::of($frame);
            yield [$elevation->defender, $frame->positions()->defender];
            yield [$elevation->attacker, $frame->positions()->attacker];
        }
    }
}

it('keeps every joint above the floor and none higher than the body and its arms', function (): void {
    $count = 0;
    foreach (everybody() as [$body, $stance]) {
        foreach (nodes($body) as $node) {
            $count++;
            // A raised arm is no longer than a shoulder's height and an arm of .44 of the stature.
            expect($node->height)->toBeGreaterThanOrEqual(-1e-9)
                ->toBeLessThanOrEqual((0.818 + 0.44) * $stance->stature + 0.25);
        }
    }
    expect($count)->toBeGreaterThan(1_000);
});

it('has the crown over the eye and the eye over the chin wherever somebody is upright', function (): void {
    foreach (everybody() as [$body, $stance]) {
        if ($stance->posture !== Posture::Lying && $stance->posture !== Posture::Folded) {
            // .936 − .870 of the stature lie between eye and chin, 1 − .936 over the eye.
            expect($body->eye->height - $body->chin->height)->toBeGreaterThan(0.0)
                ->and($body->crown->height - $body->eye->height)->toBeGreaterThan(0.0);
        }
        if ($stance->posture === Posture::Standing && $stance->crouch < 1e-9 && ! $stance->isSetUpon) {
            expect($body->crown->height)->toEqualWithDelta($stance->stature, 1e-9)
                ->and($body->eye->height)->toEqualWithDelta(0.936 * $stance->stature, 1e-9);
        }
    }
});

it('bends no leg further than its bones let it', function (): void {
    foreach (everybody() as [$body, $stance]) {
        if ($stance->posture !== Posture::Standing || $stance->isSetUpon) {
            continue;
        }
        foreach (Side::cases() as $side) {
            // Both feet on the floor: the knee lies between hip and ankle in height.
            $ankle = $body->ankles[$side->value];
            if ($ankle->height <= 0.039 * $stance->stature + 1e-9) {
                expect($body->knees[$side->value]->height)->toBeLessThan($body->hips[$side->value]->height + 1e-9)
                    ->toBeGreaterThan($ankle->height - 1e-9);
            }
        }
    }
});

it('draws the two as far apart as they stand, and the attacker on the right', function (): void {
    foreach (TrustFixture::examinations() as $examination) {
        foreach ([$examination->trial->run->start, ...$examination->trial->run->frames] as $frame) {
            $elevation = Elevation::of($frame);
            $middle = static fn (Body $body): float => ($elevation->along($body->hips['left'])
                + $elevation->along($body->hips['right']))
                / 2;
            $apart = $frame->positions()->defender->feet->axis->distanceTo($frame->positions()->attacker->feet->axis);
            if (
                $frame->positions()->attacker->posture !== Posture::Lying
                && $frame->positions()->defender->posture !== Posture::Lying
            ) {
                expect($middle($elevation->attacker) - $middle($elevation->defender))->toEqualWithDelta($apart, 0.02);
            }
        }
    }
});
