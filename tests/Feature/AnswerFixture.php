<?php

declare(strict_types=1);

namespace Tests\Feature;

/** What the tests of Answer share. */
final class AnswerFixture
{
    /** What the form of an answer sends. */
    public static function answerForm(int $rank, array $change = []): array
    {
        return [
            'title' => 'Slack line',
            'label' => '2',
            'rank' => $rank,
            'mirrored' => '1',
            'doctrine' => '',
            'short_rank' => '',
            'short_beats' => '',
            'mistakes' => "leans back\n\n  waits ",
            'beats' => "RF step 1:30, BH strip toward thumb->released\n    if not: LK groin\nleave 6",
            ...$change,
        ];
    }
}
