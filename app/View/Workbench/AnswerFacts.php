<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\View\Attacks\KindNames;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Checks\Hazards;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Resemblance;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\ContactPolicy;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\Student;

/** What is known of an answer besides its beats. */
final readonly class AnswerFacts
{
    /** How many others it is compared with on its page. */
    private const SHOWN = 3;

    /**
     * @param list<Cell>        $cells      what it answers
     * @param list<Resemblance> $resembles  the answers that bring most of it along
     * @param list<string>      $hazards    what in it can hurt a partner, with how far it can go
     * @param list<string>      $cautions   how far the contact policy lets it go, a sentence each
     */
    private function __construct(
        public Answer $answer,
        public Attack $attack,
        public int $actions,
        public array $cells,
        public array $resembles,
        public array $hazards,
        public array $cautions,
        public string $said,
    ) {}

    public static function of(Catalogue $catalogue, Coverage $coverage, Answer $answer): self
    {
        $attack = $catalogue->attackOf($answer);
        $hazards = array_values(
            array_filter(
                Hazards::ofBeats($answer->beats),
                static fn (Hazard $hazard): bool => $hazard !== Hazard::Contact,
            ),
        );
        $policy = ContactPolicy::of($catalogue->school, array_column($catalogue->ranks, 'id'));

        return new self(
            $answer,
            $attack,
            count($answer->beats->actions()),
            array_values(
                array_filter(
                    $coverage->cells,
                    static fn (Cell $cell): bool => in_array($answer->id, $cell->answers, true),
                ),
            ),
            array_values(
                array_filter(
                    array_slice(Resemblance::of($answer, $catalogue->answers), 0, self::SHOWN),
                    static fn (Resemblance $other): bool => $other->brings > 0,
                ),
            ),
            array_map(
                static fn (Hazard $hazard): string => __('answers.facts.hazard', [
                    'hazard' => say($hazard->text()),
                    'level' => $catalogue->school->asks->force->of($hazard),
                ]),
                $hazards,
            ),
            self::policyCautions($policy, $answer, [
                ...Hazards::ofBeats($answer->beats),
                ...Hazards::ofAttack($attack->kind),
            ]),
            app(KindNames::class)->line($catalogue, $attack->kind, $attack->facets),
        );
    }

    /**
     * @param list<Hazard> $hazards
     *
     * @return list<string>
     */
    private static function policyCautions(ContactPolicy $policy, Answer $answer, array $hazards): array
    {
        $said = [];
        foreach (
            [
                'answers.not-for-youth' => static fn (Hazard $hazard): bool => $policy->level(
                    $hazard,
                    $answer->teaching->rank,
                    Student::YOUTH - 1,
                ) === PolicyLevel::NotTaught,
                'answers.stopped-short' => static fn (Hazard $hazard): bool => $policy->level(
                    $hazard,
                    $answer->teaching->rank,
                ) === PolicyLevel::StopShort,
                'answers.with-pads' => static fn (Hazard $hazard): bool => $policy->level(
                    $hazard,
                    $answer->teaching->rank,
                ) === PolicyLevel::Pads,
            ] as $key => $isMeant
        ) {
            $meant = array_unique(
                array_map(static fn (Hazard $hazard): string => say($hazard->text()), array_filter($hazards, $isMeant)),
            );
            if ($meant !== []) {
                $said[] = __($key, ['hazards' => implode(', ', $meant)]);
            }
        }

        return $said;
    }

    /** Whether it works in a cell that it answers, as far as it is taught to somebody. */
    public function works(Cell $cell): bool
    {
        return isset($cell->worksFrom[$this->answer->id]);
    }

    /** Which side of an attack it answers, after the name of the attack. */
    public function side(Cell $cell): string
    {
        return count($cell->attack->sides()) === 1 ? '' : ', '.__('words.sides.'.$cell->side->value);
    }

    /** @return array{brings: float, gives: float} percent of actions that it shares with another answer, either way */
    public function shares(Resemblance $other): array
    {
        return ['brings' => round(100 * $other->brings), 'gives' => round(100 * $other->gives)];
    }
}
