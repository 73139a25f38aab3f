<?php

declare(strict_types=1);

use StoneDrill\Core\Checks\Score;
use StoneDrill\Core\Checks\ScoreBar;
use StoneDrill\Core\Floor\Frame;
use Tests\Core\Checks\TrustFixture;

it('has each limb do what it does within the beat it belongs to, beat after beat', function (): void {
    foreach (TrustFixture::examinations() as $examination) {
        $run = $examination->trial->run;
        $frames = array_column(
            array_map(
                static fn (Frame $frame): array => ['number' => $frame->number, 'frame' => $frame],
                $run->mainLine,
            ),
            'frame',
            'number',
        );
        foreach (Score::of($examination->trial)->lanes as $lane => $bars) {
            $begun = 0.0;
            foreach ($bars as $bar) {
                expect($frames[$bar->number]->startsAt)
                    ->toBeGreaterThanOrEqual($begun - 1e-9, "{$lane} in beat {$bar->number}")
                    ->and($bar->from)->toBeGreaterThanOrEqual($frames[$bar->number]->startsAt - 1e-9)
                    ->and($bar->to)->toBeLessThanOrEqual($frames[$bar->number]->time + 1e-9)
                    ->and($bar->seconds())->toBeGreaterThan(0.0);
                // A limb may do two things in one beat, and nothing of another beat.
                $begun = $frames[$bar->number]->startsAt;
            }
        }
    }
});

it('is as long as the main line, of which some limb fills every beat', function (): void {
    foreach (TrustFixture::examinations() as $examination) {
        $score = Score::of($examination->trial);
        $line = $examination->trial->run->mainLine;
        $last = $line[count($line) - 1];
        expect($score->seconds)->toEqualWithDelta($last->time, 1e-9);

        // A beat lasts as long as its slowest limb.
        $bars = array_merge(...array_values($score->lanes));
        foreach ($line as $frame) {
            $own = array_filter($bars, static fn (ScoreBar $bar): bool => $bar->number === $frame->number);
            if ($own !== []) {
                expect(max(array_map(static fn (ScoreBar $bar): float => $bar->to, $own)))
                    ->toEqualWithDelta($frame->time, 1e-6)
                    ->and(min(array_map(static fn (ScoreBar $bar): float => $bar->from, $own)))
                    ->toEqualWithDelta($frame->startsAt, 1e-6);
            }
        }
    }
});

it('tells of nothing that lasts before it begins or reaches after it is over', function (): void {
    foreach (TrustFixture::examinations() as $examination) {
        $score = Score::of($examination->trial);
        foreach ($score->effects as [, $bar]) {
            expect($bar->seconds())->toBeGreaterThan(0.0)
                ->and($bar->from)->toBeGreaterThan(0.0)
                ->toBeLessThanOrEqual($score->seconds + 1e-9);
        }
        $until = -1.0;
        foreach ($score->reached as $bar) {
            // One stretch after the other, with some time between them.
            expect($bar->from)->toBeGreaterThan($until)
                ->and($bar->to)->toBeGreaterThan($bar->from)
                ->toBeLessThanOrEqual($score->seconds + 0.5 + 1e-9);
            $until = $bar->to;
        }
        if ($score->start !== null) {
            expect($score->start->first)->toBeGreaterThan(0.0)
                ->and($score->start->reaction)->toBeGreaterThanOrEqual(0.0)
                ->and($score->start->spare())
                ->toEqualWithDelta($score->start->arrival - $score->start->reaction - $score->start->first, 1e-9);
        }
    }
});
