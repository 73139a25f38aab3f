<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Answer\Answer;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Rank;

/** Finds what the curriculum, and the proof of it, lacks, and what would close each gap. */
final readonly class HoleFinder
{
    /** @var array<string, int> position by id of the rank */
    private array $order;

    /** @var array<string, Rank> by id */
    private array $ranks;

    /** @var array<string, Answer> by id */
    private array $answers;

    /** @var array<string, list<Answer>> those that can meet a kind, by its id */
    private array $byKind;

    /** @var array<string, list<Answer>> by the family of the attack that they were written for */
    private array $byFamily;

    /**
     * @param ?FaultFinder $faults runs answers in their cells; without it only what is not laid is found
     * @param ?Widener     $widener tries answers to what is alike; without it none is offered
     * @param ?ProvenShare $proof  without it nothing is said of proof
     */
    public function __construct(private Catalogue $catalogue, private ?FaultFinder $faults = null, private ?Widener $widener = null, private ?ProvenShare $proof = null)
    {
        $this->order = $catalogue->rankOrder();
        $this->ranks = array_column($catalogue->ranks, null, 'id');
        $this->answers = array_column($catalogue->answers, null, 'id');
        $byKind = $byFamily = [];
        $kinds = array_values(array_unique(array_map(static fn (Attack $attack): string => $attack->kind->id, $catalogue->attacks)));
        $attacks = array_column($catalogue->attacks, null, 'id');
        foreach ($catalogue->answers as $answer) {
            foreach ($answer->pattern->kinds ?? $kinds as $kind) {
                $byKind[$kind][] = $answer;
            }
            $byFamily[$attacks[$answer->attack]->kind->family->value][] = $answer;
        }
        [$this->byKind, $this->byFamily] = [$byKind, $byFamily];
    }

    /**
     * @param list<Cell> $cells both sides of an attack next to each other
     *
     * @return list<Hole> by weight, then kind, then id of the attack
     */
    public function find(array $cells): array
    {
        return self::sorted([...($this->faults === null ? [] : Uncatalogued::of($this->catalogue)), ...$this->among($cells)]);
    }

    /**
     * Those of some cells alone, in no order.
     *
     * @param list<Cell> $cells both sides of an attack
     *
     * @return list<Hole>
     */
    public function among(array $cells): array
    {
        $inTime = $holes = [];
        foreach ($cells as $cell) {
            $inTime[$cell->attack->id][$cell->side->value] = $cell->isInTime($this->order);
        }
        foreach ($cells as $cell) {
            $need = $cell->attack->neededBy;
            if ($need === null) {
                continue;
            }
            if (! $inTime[$cell->attack->id][$cell->side->value]) {
                $holes[] = $this->notLaid($cell, $need, $inTime[$cell->attack->id][$cell->side->other()->value] ?? false);
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
            if ($answer->pattern->kinds === null || in_array($cell->attack->kind->id, $answer->pattern->kinds, true) || $this->widener?->near($answer, $cell) !== null) {
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
        array_multisort($weights, SORT_DESC, $kinds, SORT_ASC, $ids, SORT_ASC, SORT_STRING, $sides, SORT_DESC, SORT_STRING, $places);

        return array_map(static fn (int $place): Hole => $holes[$place], $places);
    }

    private function hole(HoleKind $kind, Cell $cell, string $need, string $reason, Move ...$moves): Hole
    {
        return new Hole($kind, $cell->attack->id, $cell->side, $need, $cell->weight() * $this->catalogue->school->holeFactor($kind), $reason, array_values($moves));
    }

    private function notLaid(Cell $cell, string $need, bool $otherInTime): Hole
    {
        $kind = match (true) {
            $otherInTime => HoleKind::OneSided,
            $cell->laidAt === null => HoleKind::Open,
            default => HoleKind::Late,
        };
        $needed = sprintf('%s is needed by %s', $this->named($cell), $this->ranks[$need]->name);
        $reason = match ($kind) {
            HoleKind::Late => sprintf('%s, but first answered at %s.', $needed, $this->laidName($cell)),
            HoleKind::OneSided => $cell->laidAt === null
                ? $needed.', but only its other side is taught.'
                : sprintf('%s like its other side, but first answered at %s.', $needed, $this->laidName($cell)),
            default => $needed.', and nothing answers it.',
        };

        return $this->hole($kind, $cell, $need, $reason, ...$this->moves($cell, $need, null));
    }

    /** @return list<Hole> one for each fault that every answer of the cell has which is taught by then */
    private function faulty(Cell $cell, string $need): array
    {
        if ($this->faults === null) {
            return [];
        }
        $taught = $this->taughtBy($cell, $need);
        $holes = [];
        foreach (Fault::cases() as $fault) {
            if ($this->isShared($fault, $taught, $cell, $need) && ($fault !== Fault::Slow || ! $this->isLandedLaid($cell, $need))) {
                $holes[] = $this->hole($fault->hole(), $cell, $need, $this->because($fault, $cell, $need, $taught), ...$this->moves($cell, $need, $fault));
            }
        }

        return $holes;
    }

    /** @param list<Answer> $taught those that lay the cell */
    private function isShared(Fault $fault, array $taught, Cell $cell, string $need): bool
    {
        foreach ($taught as $answer) {
            if ($this->isFree($answer, $cell, $need, $fault)) {
                return false;
            }
        }

        return $taught !== [];
    }

    /** @param list<Answer> $taught */
    private function because(Fault $fault, Cell $cell, string $need, array $taught): string
    {
        $who = count($taught) === 1 ? sprintf('“%s”, its only answer by %s,', $taught[0]->title, $this->ranks[$need]->name) : sprintf('each of its %d answers by %s', count($taught), $this->ranks[$need]->name);

        return sprintf('%s: %s %s.', $this->named($cell), $who, match ($fault) {
            Fault::Barred => 'does what the contact policy does not teach there',
            Fault::NoWayOut => 'ends where he still reaches',
            Fault::SizeBound => 'fails for a smaller defender against a larger attacker',
            Fault::Slow => sprintf('comes too late at rung %d, and nothing answers it once it has landed', $this->ranks[$need]->goalRung),
            Fault::NoWhatIf => 'hangs on an effect with nothing ready should it not come',
        });
    }

    /** @return list<Hole> */
    private function unproven(Cell $cell, string $need): array
    {
        $share = $this->proof?->share($need, $cell->attack->id, $cell->side);
        if ($share === null) {
            return [];
        }
        $wanted = $this->catalogue->school->share - 1e-9;
        $rank = $this->ranks[$need];
        $said = static fn (float $held): string => sprintf('%.0f %% of %s', 100 * $held, $rank->name);

        return match (true) {
            $share[0] < $wanted => [$this->hole(HoleKind::Unproven, $cell, $need, sprintf('%s is held at rung %d by %s; the school wants %.0f %%.', $this->named($cell), $rank->goalRung, $said($share[0]), 100 * $this->catalogue->school->share))],
            $share[1] < $wanted => [$this->hole(HoleKind::Fading, $cell, $need, sprintf('%s is held at rung %d by %s now, and in 30 days by %s if nobody drills it.', $this->named($cell), $rank->goalRung, $said($share[0]), $said($share[1])))],
            default => [],
        };
    }

    /** Whether the same attack, once it has landed, is answered by then. */
    private function isLandedLaid(Cell $cell, string $need): bool
    {
        $landed = Facets::of([...$cell->facets->toArray(), 'phase' => Phase::Landed->value]);
        foreach ($this->meeting($cell) as $answer) {
            if ($answer->introducedAt($this->order) <= $this->order[$need] && $answer->matches($cell->attack->kind, $landed)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Answer> those that lay the cell by then */
    private function taughtBy(Cell $cell, string $need): array
    {
        return array_values(array_filter(
            array_map(fn (string $id): Answer => $this->answers[$id], $cell->answers),
            fn (Answer $answer): bool => $answer->introducedAt($this->order) <= $this->order[$need],
        ));
    }

    /**
     * What would close a hole: an answer counts only where it has not the fault that makes the hole.
     *
     * @return list<Move>
     */
    private function moves(Cell $cell, string $need, ?Fault $without): array
    {
        $moves = [];
        foreach ($this->meeting($cell) as $answer) {
            if ($this->mirrorCloses($answer, $cell, $need) && $this->isFree($answer, $cell, $need, $without)) {
                $moves[] = new Move(MoveKind::Mirror, $answer->id);
            }
        }
        array_push($moves, ...$this->widenings($cell, $need, $without));
        foreach ($cell->answers as $late) {
            if ($this->answers[$late]->introducedAt($this->order) > $this->order[$need] && $this->isFree($this->answers[$late], $cell, $need, $without)) {
                $moves[] = new Move(MoveKind::Earlier, $late);
            }
        }

        return [...$moves, ...($without === Fault::Barred ? $this->softenings($cell, $need) : []), new Move(MoveKind::Write, null)];
    }

    /** @return list<Answer> those whose pattern can meet the kind of a cell */
    private function meeting(Cell $cell): array
    {
        return $this->byKind[$cell->attack->kind->id] ?? [];
    }

    /** Whether an answer, moved to where it is needed, has not this fault in the cell. */
    private function isFree(Answer $answer, Cell $cell, string $need, ?Fault $without, ?bool $isMirrored = null): bool
    {
        if ($without === null || $this->faults === null) {
            return true;
        }
        $isMirrored ??= ! $answer->meetsAsWritten($cell->attack->kind, $cell->facets);

        return ! $this->faults->has($without, $answer, $cell, $need, $isMirrored);
    }

    private function mirrorCloses(Answer $answer, Cell $cell, string $need): bool
    {
        return ! $answer->mirrored
            && $this->order[$answer->rank] <= $this->order[$need]
            && ! in_array($answer->id, $cell->answers, true)
            && $answer->matchesMirrored($cell->attack->kind, $cell->facets);
    }

    /** @return list<Move> */
    private function widenings(Cell $cell, string $need, ?Fault $without): array
    {
        $moves = [];
        foreach ($this->widener === null ? [] : $this->byFamily[$cell->attack->kind->family->value] ?? [] as $answer) {
            $near = $this->order[$answer->rank] <= $this->order[$need] ? $this->widener->near($answer, $cell) : null;
            if ($near !== null && $this->isFree($answer, $cell, $need, $without, $near[1])) {
                $facets = $near[1] ? $cell->facets->mirror() : $cell->facets;
                $value = $near[0] === 'kind' ? $cell->attack->kind->id : $facets->toArray()[$near[0]];
                $moves[] = new Move(MoveKind::Widen, $answer->id, $this->widener->findings($answer, $cell, $near[1]), $near[0], $value);
            }
        }

        return $moves;
    }

    /** @return list<Move> */
    private function softenings(Cell $cell, string $need): array
    {
        $moves = [];
        foreach ($this->faults === null ? [] : $this->taughtBy($cell, $need) as $answer) {
            $soft = $this->faults->softened($answer, $cell, $need);
            if ($soft !== null) {
                $moves[] = $soft;
            }
        }

        return $moves;
    }

    private function named(Cell $cell): string
    {
        $side = count($cell->attack->sides()) === 1 ? '' : sprintf(' (%s)', $cell->side === Side::Written ? 'as written' : 'mirrored');

        return sprintf('“%s”%s', $cell->attack->title, $side);
    }

    private function laidName(Cell $cell): string
    {
        return $cell->laidAt === null ? '' : $this->ranks[$cell->laidAt]->name;
    }
}
