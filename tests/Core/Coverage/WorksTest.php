<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Scope;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Coverage\RunKeys;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Technique\Beats;
use Tests\Core\Coverage\WorksFixture;

it('finds the failure of a line beat by beat that it finds in the whole', function (): void {
    $failed = 0;
    foreach (WorksFixture::lines(400) as [$catalogue, $answer, $attack, $side, $isMirrored]) {
        $examiner = new Examiner(Standards::of($catalogue));
        $bodies = (new Sizes($catalogue->school))->bodies(null, null, $attack->facets->build);
        $whole = $examiner->examineIn($answer, $attack, $side, $isMirrored, $bodies, null, Scope::whole())->failure();
        $found = $examiner->failure($answer, $attack, $side, $isMirrored, $bodies);
        $failed += (int) ($whole !== null);

        expect($found?->beat)->toBe($whole?->beat, "{$answer->id} against {$attack->id}")
            ->and($found?->message)->toEqual($whole?->message);
    }
    expect($failed)->toBeGreaterThan(100)->toBeLessThan(300);
});

it('finds it so too where a second attack comes after the only beat', function (): void {
    $feasibility = new Feasibility();
    $failed = [];
    foreach (WorksFixture::lines(200) as [$catalogue, $answer, $attack, $side, $isMirrored]) {
        $values = $attack->facets->toArray();
        if (! in_array(Phase::FollowUp->value, $feasibility->allowed($attack->kind, Facet::Phase, $values), true)) {
            continue;
        }
        $again = new Attack(
            'again',
            'Again',
            $attack->kind,
            Facets::of([...$values, 'phase' => Phase::FollowUp->value]),
            $attack->need,
            $attack->prevalence,
            briefing: $attack->briefing,
        );
        $examiner = new Examiner(Standards::of($catalogue));
        $of = [
            $answer->withBeats(Beats::parse(explode("\n", $answer->beats->mainLine()->toText())[0]."\n")),
            $again,
            $side,
            $isMirrored,
            (new Sizes($catalogue->school))->bodies(null, null, $attack->facets->build),
        ];
        $whole = $examiner->examineIn(...[...$of, null, Scope::whole()])->failure();
        $found = $examiner->failure(...$of);
        $failed[] = $whole?->beat;

        expect([$found?->beat, $found?->message])->toEqual(
            [$whole?->beat, $whole?->message],
            "{$answer->id} against {$attack->id}",
        );
    }
    expect(array_count_values(array_filter($failed)))->toHaveKeys([1, 2]);
});

it('has two attacks share a run only where both fail alike', function (): void {
    $shared = $apart = 0;
    $feasibility = new Feasibility();
    foreach (WorksFixture::lines(250) as [$catalogue, $answer, $attack, $side, $isMirrored]) {
        $standards = Standards::of($catalogue);
        $keys = new RunKeys($catalogue, $standards);
        $examiner = new Examiner($standards);
        $bodies = (new Sizes($catalogue->school))->bodies(null, null, $attack->facets->build);
        $failure = static fn (Attack $attack): array => [
            ($found = $examiner->failure($answer, $attack, $side, $isMirrored, $bodies))?->beat,
            $found?->message,
        ];
        foreach ([Facet::Thumb, Facet::Entry, Facet::Place, Facet::Others, Facet::Intent] as $facet) {
            $values = $attack->facets->toArray();
            $allowed = $feasibility->allowed($attack->kind, $facet, $values);
            $other = new Attack(
                'other',
                'Other',
                $attack->kind,
                Facets::of([...$values, $facet->value => $allowed[mt_rand(0, count($allowed) - 1)]]),
                $attack->need,
                $attack->prevalence,
                briefing: $attack->briefing,
            );
            if (
                $keys->ofLine('line', $attack, $side, $isMirrored) === $keys->ofLine('line', $other, $side, $isMirrored)
            ) {
                $shared += (int) ($other->facets->bits !== $attack->facets->bits);
                expect($failure($other))->toEqual(
                    $failure($attack),
                    "{$answer->id} against {$attack->id}, {$facet->value}",
                );
            } else {
                $apart++;
                expect([Facet::Entry, Facet::Intent])->toContain($facet)
                    ->and($attack->facets->phase)->toBeIn([Phase::Reaching, Phase::Moving]);
            }
        }
    }
    expect($shared)->toBeGreaterThan(200)->and($apart)->toBeGreaterThan(20);
});
