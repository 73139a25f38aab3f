<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Shortfall;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Floor\Frame;

/** Answers that were run and checked. */
final readonly class CheckReport implements Report
{
    /**
     * @param list<Examination>         $examinations
     * @param list<list<MadeMistake>> $mistakes what each usual mistake of an answer breaks, in the order of the
     *     examinations
     */
    public function __construct(public array $examinations, public array $mistakes = []) {}

    /**
     * Of answers against the attacks that they are written for.
     *
     * @param list<Answer> $answers
     * @param ?string      $defender name of a size; the typical one where it is null
     * @param ?string      $attacker the same; by the attack's build where it is null
     * @param ?Rung        $rung     at which times are read; the goal rung of each answer's rank where it is null
     */
    public static function of(
        Catalogue $catalogue,
        array $answers,
        ?string $defender = null,
        ?string $attacker = null,
        ?Rung $rung = null,
    ): self {
        $examiner = new Examiner(Standards::of($catalogue));
        $sizes = new Sizes($catalogue->school);
        $examinations = $mistakes = [];
        foreach ($answers as $answer) {
            $attack = $catalogue->attackOf($answer);
            $bodies = $sizes->bodies($defender, $attacker, $attack->facets->build);
            $examinations[] = $one = $examiner->examine($answer, $attack, Side::Written, $bodies, $rung);
            $mistakes[] = MadeMistake::of($examiner, $one, Side::Written);
        }

        return new self($examinations, $mistakes);
    }

    public function hasStops(): bool
    {
        foreach ($this->examinations as $examination) {
            if ($examination->hasStops()) {
                return true;
            }
        }

        return false;
    }

    public function document(): array
    {
        return ['answers' => array_map($this->answer(...), $this->examinations, array_keys($this->examinations))];
    }

    /** @return array<string, mixed> */
    private function answer(Examination $examination, int $place): array
    {
        $answer = $examination->trial->answer;

        return [
            'id' => $answer->id,
            'title' => $answer->title,
            'canonical' => $answer->beats->toText(),
            'mirror' => $answer->beats->mirror()->toText(),
            'duration_s' => round($examination->duration(), 6),
            'works' => $examination->works(),
            'mistakes' => array_map(
                static fn (MadeMistake $made): array => $made->document(),
                $this->mistakes[$place] ?? [],
            ),
            'robust' => array_map(
                static fn (Shortfall $shortfall): array => [
                    'without' => $shortfall->without,
                    'fails_at' => $shortfall->failsAt,
                ],
                $examination->trial->robust,
            ),
            'beats' => array_map(
                static fn (Frame $frame): array => BeatReport::of($frame)->document(),
                $examination->trial->run->frames,
            ),
            'findings' => array_map(FindingReport::document(...), $examination->findings),
        ];
    }
}
