<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use Closure;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Text;

/** Finds what the curriculum, and the proof of it, lacks, and what would close each gap. */
final readonly class HoleFinder
{
    /** @var array<string, int> position by id of the rank */
    private array $order;

    /** @var array<string, Rank> by id */
    private array $ranks;

    private MoveFinder $moves;

    /**
     * @param ?WeaknessFinder $weaknesses runs answers in their cells; without it only what is not laid is found
     * @param ?Widener     $widener tries answers to what is alike; without it none is offered
     * @param ?ProvenShare $proof  without it nothing is said of proof
     */
    public function __construct(
        private Catalogue $catalogue,
        public Works $works,
        private ?WeaknessFinder $weaknesses = null,
        private ?Widener $widener = null,
        private ?ProvenShare $proof = null,
    ) {
        $this->order = $catalogue->rankOrder();
        $this->ranks = array_column($catalogue->ranks, null, 'id');
        $this->moves = new MoveFinder($catalogue, $works, $weaknesses, $widener);
    }

    /** One that finds everything, and remembers what it runs. */
    public static function whole(
        Catalogue $catalogue,
        RunCache $memory = new RunCache(),
        ?Widener $widener = null,
        ?ProvenShare $proof = null,
    ): self {
        $works = new Works($catalogue, $memory);

        return new self($catalogue, $works, new WeaknessFinder($catalogue, $works, $memory), $widener, $proof);
    }

    /**
     * @param list<Cell>          $cells both sides of an attack next to each other
     * @param ?Closure(int): void $done  is told how many more cells have been looked at
     *
     * @return list<Hole> by weight, then kind, then id of the attack
     */
    public function find(array $cells, ?Closure $done = null): array
    {
        return self::sorted([
            ...$this->weaknesses === null ? [] : Uncatalogued::of($this->catalogue),
            ...$this->among($cells, $done),
        ]);
    }

    /**
     * Those of some cells alone, in no order.
     *
     * @param list<Cell>          $cells both sides of an attack
     * @param ?Closure(int): void $done  is told how many more cells have been looked at
     *
     * @return list<Hole>
     */
    public function among(array $cells, ?Closure $done = null): array
    {
        $inTime = $holes = [];
        foreach ($cells as $cell) {
            $inTime[$cell->attack->id][$cell->side->value] = $cell->isInTime($this->order);
        }
        foreach ($cells as $cell) {
            if ($done !== null) {
                $done(1);
            }
            $need = $cell->attack->need->rank;
            if ($need === null) {
                continue;
            }
            if (! ($inTime[$cell->attack->id][$cell->side->value] ?? false)) {
                $holes[] = $this->notLaid(
                    $cell,
                    $need,
                    $inTime[$cell->attack->id][$cell->side->other()->value] ?? false,
                );
            } else {
                array_push($holes, ...$this->faulty($cell, $need), ...$this->unproven($cell, $need));
            }
        }

        return $holes;
    }

    /**
     * Whether one of some answers could meet a cell, or could if it were wider.
     *
     * @param list<Answer> $answers
     */
    public function concerns(array $answers, Cell $cell): bool
    {
        foreach ($answers as $answer) {
            if (
                $answer->matching->pattern->kinds === null
                || in_array($cell->attack->kind->id, $answer->matching->pattern->kinds, true)
                || $this->widener?->near($answer, $cell) !== null
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<Hole> $holes
     *
     * @return list<Hole> by weight, then kind, then id of the attack, the written side first
     */
    public static function sorted(array $holes): array
    {
        $weights = array_map(static fn (Hole $hole): float => $hole->weight, $holes);
        $kinds = array_map(static fn (Hole $hole): int => $hole->kind->order(), $holes);
        $ids = array_map(static fn (Hole $hole): string => $hole->order(), $holes);
        $sides = array_map(static fn (Hole $hole): string => $hole->side->value ?? '', $holes);
        $places = array_keys($holes);
        array_multisort(
            $weights,
            SORT_DESC,
            $kinds,
            SORT_ASC,
            $ids,
            SORT_ASC,
            SORT_STRING,
            $sides,
            SORT_DESC,
            SORT_STRING,
            $places,
        );

        return array_map(static fn (int $place): Hole => $holes[$place], $places);
    }

    /**
     * @param list<Move>    $moves
     * @param list<Failure> $fails
     */
    private function hole(
        HoleKind $kind,
        Cell $cell,
        string $need,
        Text $reason,
        array $moves = [],
        array $fails = [],
    ): Hole {
        return new Hole(
            $kind,
            $cell->key,
            $need,
            $cell->weight() * $kind->factorIn($this->catalogue->school),
            $reason,
            $moves,
            fails: $fails,
        );
    }

    private function notLaid(Cell $cell, string $need, bool $otherInTime): Hole
    {
        $taught = $this->moves->taughtBy($cell, $need);
        if ($taught !== []) {
            return $this->failing($cell, $need, $taught);
        }
        $kind = match (true) {
            $otherInTime => HoleKind::OneSided,
            $cell->laidAt === null => HoleKind::Open,
            default => HoleKind::Late,
        };
        $case = match ($kind) {
            HoleKind::OneSided => $cell->laidAt === null ? 'one-sided' : 'one-sided-late',
            HoleKind::Late => 'late',
            default => 'open',
        };
        $reason = Text::of("holes.{$case}", [
            'attack' => $this->named($cell),
            'rank' => $this->ranks[$need]->name,
            'later' => $cell->laidAt === null ? '' : $this->ranks[$cell->laidAt]->name,
        ]);

        return $this->hole($kind, $cell, $need, $reason, $this->moves->of($cell, $need, null));
    }

    /** @param non-empty-list<Answer> $taught those that are taught to it by then, and none of which works */
    private function failing(Cell $cell, string $need, array $taught): Hole
    {
        $fails = [];
        foreach ($taught as $answer) {
            $isMirrored = ! $answer->matching->coversAsWritten($cell->attack->kind, $cell->facets);
            $failure = $this->works->failure($answer, $cell->attack, $cell->side, $need, $isMirrored);
            if ($failure !== null) {
                $fails[] = $failure;
            }
        }

        return $this->hole(
            HoleKind::Fails,
            $cell,
            $need,
            $this->because(HoleKind::Fails, $cell, $need, $taught, $fails),
            $this->moves->of($cell, $need, null),
            $fails,
        );
    }

    /** @return list<Hole> one for each weakness that every answer of the cell has which is taught by then */
    private function faulty(Cell $cell, string $need): array
    {
        $taught = $this->moves->workingBy($cell, $need);
        if ($this->weaknesses === null || $taught === []) {
            return [];
        }
        $holes = [];
        foreach (Weakness::cases() as $weakness) {
            $shared = $this->shared($weakness, $taught, $cell, $need);
            if ($shared !== [] && ($weakness !== Weakness::Slow || ! $this->isLandedLaid($cell, $need))) {
                $holes[] = $this->hole(
                    $weakness->hole(),
                    $cell,
                    $need,
                    $this->because($weakness->hole(), $cell, $need, $taught, $shared),
                    $this->moves->of($cell, $need, $weakness),
                    $shared,
                );
            }
        }

        return $holes;
    }

    /**
     * @param non-empty-list<Answer> $taught those that work in the cell
     *
     * @return list<Failure> where each of them has the weakness; none unless all have it
     */
    private function shared(Weakness $weakness, array $taught, Cell $cell, string $need): array
    {
        $found = [];
        foreach ($taught as $answer) {
            $failure = $this->moves->weakness($answer, $cell, $need, $weakness);
            if ($failure === null) {
                return [];
            }
            $found[] = $failure;
        }

        return $found;
    }

    /**
     * @param non-empty-list<Answer> $taught
     * @param list<Failure>          $fails  where each of them does
     */
    private function because(HoleKind $kind, Cell $cell, string $need, array $taught, array $fails): Text
    {
        $rank = $this->ranks[$need];

        return Text::of("holes.weak.{$kind->value}", [
            'attack' => $this->named($cell),
            'answers' => Text::counted('holes.answers', count($taught), [
                'answer' => $taught[0]->title,
                'rank' => $rank->name,
            ]),
            'rung' => $rank->goalRung,
            'beat' => $fails[0]->beat ?? '',
            'message' => $fails[0]->message ?? '',
        ]);
    }

    /** @return list<Hole> */
    private function unproven(Cell $cell, string $need): array
    {
        $share = $this->proof?->share($need, $cell->attack->id, $cell->side);
        if ($share === null) {
            return [];
        }
        $wanted = $this->catalogue->school->proof->share - 1e-9;
        $rank = $this->ranks[$need];
        $said = [
            'attack' => $this->named($cell),
            'rung' => $rank->goalRung,
            'rank' => $rank->name,
            'now' => self::percent($share[0]),
        ];

        return match (true) {
            $share[0] < $wanted => [
                $this->hole(
                    HoleKind::Unproven,
                    $cell,
                    $need,
                    Text::of('holes.unproven', [
                        ...$said,
                        'wanted' => self::percent($this->catalogue->school->proof->share),
                    ]),
                ),
            ],
            $share[1] < $wanted => [
                $this->hole(
                    HoleKind::Fading,
                    $cell,
                    $need,
                    Text::of('holes.fading', [...$said, 'then' => self::percent($share[1])]),
                ),
            ],
            default => [],
        };
    }

    /** Whether the same attack, once it has landed, is answered by then. */
    private function isLandedLaid(Cell $cell, string $need): bool
    {
        $landed = Facets::of([...$cell->facets->toArray(), 'phase' => Phase::Landed->value]);
        foreach ($this->moves->meeting($cell) as $answer) {
            if (
                $answer->introducedAt($this->order) <= $this->order[$need]
                && $answer->matching->covers($cell->attack->kind, $landed)
            ) {
                return true;
            }
        }

        return false;
    }

    private function named(Cell $cell): Text
    {
        return Text::of($cell->attack->isSymmetric() ? 'holes.attack' : "holes.attack-{$cell->side->value}", [
            'attack' => $cell->attack->title,
        ]);
    }

    private static function percent(float $share): int
    {
        return (int) round(100 * $share);
    }
}
