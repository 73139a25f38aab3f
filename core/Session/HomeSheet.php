<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Hazards;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Eligibility;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Technique\Beats;

/**
 * What students practise alone in a week: what they have been taught and are weakest at, as long as nobody else is
 * needed for it.
 */
final class HomeSheet
{
    public const MOST = 5;

    /** What is not done alone. */
    private const NOT_ALONE = [Hazard::Fall, Hazard::GroundImpact];

    private readonly Eligibility $eligibility;

    /** @var array<string, int> position by id of the rank */
    private readonly array $order;

    /** @var array<string, array<string, Beats|false>> beats, where they are done alone, by the answer, then the rank */
    private array $alone = [];

    /** @param Catalogue $catalogue as the students learn it */
    public function __construct(private readonly Catalogue $catalogue, private readonly DateTimeImmutable $at)
    {
        $this->eligibility = new Eligibility($catalogue, $at);
        $this->order = $catalogue->rankOrder();
    }

    /**
     * @param array<string, Window>    $windows by the cell's key
     * @param array<array-key, string> $ahead   id of the rank that an answer was taught for on the way to a test, by
     *     its id: it is practised as that rank is taught
     *
     * @return list<HomeItem> the weakest first: what was tried before what was not
     */
    public function of(Student $student, array $windows, array $ahead = []): array
    {
        $goal = $this->catalogue->rank($student->rank)->goalRung;
        $items = [];
        foreach ($this->catalogue->answers as $answer) {
            $attack = $this->catalogue->attackOf($answer);
            $as = isset($ahead[$answer->id]) ? $student->at($ahead[$answer->id]) : $student;
            if (
                $answer->introducedAt($this->order) > $this->order[$as->rank]
                || $attack->kind->family === Family::Ground
                || ! $this->eligibility->opens($as, $attack, $answer)
            ) {
                continue;
            }
            $beats = $this->alone[$answer->id][$as->rank] ??= $this->alone($answer, $as->rank);
            if ($beats === false) {
                continue;
            }
            $own = [];
            foreach (self::sides($answer, $attack->sides()) as $side) {
                $window = $windows[CellKey::of($attack, $side)->text] ?? Window::empty();
                if (! $window->holds($goal, $this->at)) {
                    $own[] = new HomeItem(
                        $answer,
                        $attack,
                        $side,
                        $side === Side::Mirrored ? $beats->mirror() : $beats,
                        $window->evidence($goal, $this->at)->lower(),
                        count($window->tries),
                    );
                }
            }
            usort($own, self::weaker(...));
            array_push($items, ...array_slice($own, 0, 1));
        }
        usort($items, self::weaker(...));

        return array_slice($items, 0, self::MOST);
    }

    /** An answer as a rank is taught it; false where it is not done alone. */
    private function alone(Answer $answer, string $rank): Beats|false
    {
        $beats = $answer->beatsFor($this->catalogue->rank($rank), $this->order);
        $hazards = array_column(Hazards::ofBeats($beats), 'value');

        return array_intersect($hazards, array_column(self::NOT_ALONE, 'value')) === [] ? $beats : false;
    }

    /**
     * @param list<Side> $sides of the attack
     *
     * @return list<Side> those that the answer is for
     */
    private static function sides(Answer $answer, array $sides): array
    {
        return $answer->matching->mirrored ? $sides : [Side::Written];
    }

    private static function weaker(HomeItem $a, HomeItem $b): int
    {
        return [$a->tries === 0, $a->lower, -$a->attack->prevalence, $a->answer->id] <=> [
            $b->tries === 0,
            $b->lower,
            -$b->attack->prevalence,
            $b->answer->id,
        ];
    }
}
