<?php

declare(strict_types=1);

namespace App\Wall;

use App\Catalogue\ProofBook;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Rank;
use StoneDrill\Core\Catalogue\Student;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;

/**
 * The curriculum as a dry-stone wall: where every stone lies, what it shows and what it says. Lengths are units of the
 * drawing, its origin at the top left.
 */
final readonly class WallPicture
{
    private const LEFT = 96.0;
    private const WIDTH = 940.0;
    private const TOP = 18.0;
    private const BODY = 400.0;
    private const GAP = 3.0;
    private const JOINT = 13.0;
    private const NAMES = 158.0;
    private const NAME = 56.0;

    /** Half of what lies between two attacks; the sides of one touch. */
    private const CHINK = 1.3;

    public float $width;
    public float $height;

    /** @var list<array{name: string, note: string, y: float, height: float}> top first */
    public array $courses;

    /** @var list<array{name: string, x: float, width: float}> */
    public array $families;

    /** @var list<array{name: string, x: float, url: string}> */
    public array $columns;

    /** @var list<Stone> */
    public array $stones;

    /**
     * @param list<Student>      $students
     * @param array<string, int> $ids       id of the attack's row, by code
     */
    public function __construct(private Catalogue $catalogue, private Coverage $coverage, private ProofBook $proof, private array $students, private array $ids)
    {
        $groups = $this->groups();
        $this->width = self::LEFT + self::WIDTH;
        $this->height = self::TOP + self::BODY + self::NAMES;
        $this->courses = $this->courses();
        [$this->families, $this->columns, $this->stones] = $this->lay($groups);
    }

    /** Where the wall stands and the names of the attacks begin. */
    public function foot(): float
    {
        return self::TOP + self::BODY;
    }

    /** @return list<array{name: string, note: string, y: float, height: float}> */
    private function courses(): array
    {
        $courses = [];
        foreach (array_reverse($this->catalogue->ranks) as $index => $rank) {
            $courses[] = [
                'name' => $rank->name,
                'note' => sprintf('%.0f %% laid', 100 * $this->coverage->coveredBy($rank->id)),
                'y' => self::TOP + $index * $this->courseHeight(),
                'height' => $this->courseHeight() - self::GAP,
            ];
        }

        return $courses;
    }

    private function courseHeight(): float
    {
        return self::BODY / max(1, count($this->catalogue->ranks));
    }

    /** @return array<string, non-empty-list<Attack>> by family, in the order of the families */
    private function groups(): array
    {
        $groups = array_fill_keys(array_map(static fn (Family $family): string => $family->value, Family::cases()), []);
        foreach ($this->catalogue->attacks as $attack) {
            $groups[$attack->kind->family->value][] = $attack;
        }

        return array_filter($groups);
    }

    /**
     * @param array<string, non-empty-list<Attack>> $groups
     *
     * @return array{list<array{name: string, x: float, width: float}>, list<array{name: string, x: float, url: string}>, list<Stone>}
     */
    private function lay(array $groups): array
    {
        $units = array_sum(array_map(static fn (Attack $attack): float => self::units($attack), $this->catalogue->attacks));
        $joints = array_fill_keys(array_keys($groups), self::JOINT);
        foreach ($groups as $family => $attacks) {
            // A family of few stones keeps room for its name.
            $width = array_sum(array_map(static fn (Attack $attack): float => self::units($attack), $attacks)) * self::WIDTH / $units;
            $joints[$family] = max(self::JOINT, self::NAME - $width);
        }
        $unit = (self::WIDTH - array_sum($joints)) / max(1.0, $units);
        $cells = $this->cells();
        $x = self::LEFT;
        $families = $columns = $stones = [];
        $column = 0;
        foreach ($groups as $family => $attacks) {
            $start = $x;
            foreach ($attacks as $attack) {
                $width = self::units($attack) * $unit;
                $columns[] = ['name' => $attack->title, 'x' => $x + $width / 2, 'url' => route('attacks.show', $this->ids[$attack->id])];
                $sides = $attack->sides();
                foreach ($sides as $index => $side) {
                    $part = $width / count($sides);
                    $cell = $cells[$attack->id.' '.$side->value];
                    foreach ($this->catalogue->ranks as $course => $rank) {
                        $stones[] = $this->stone($cell, $rank, $course, $column, $x + $index * $part + self::CHINK * (1 - $index), $part - self::CHINK);
                    }
                    $column++;
                }
                $x += $width;
            }
            $families[] = ['name' => Family::from($family)->plural(), 'x' => $start, 'width' => $x - $start];
            $x += $joints[$family];
        }

        return [$families, $columns, $stones];
    }

    private function stone(Cell $cell, Rank $rank, int $course, int $column, float $x, float $width): Stone
    {
        $state = $this->state($cell, $course);
        $y = self::TOP + (count($this->catalogue->ranks) - 1 - $course) * $this->courseHeight();
        [$held, $asked] = $state->isLaid() ? $this->proven($cell, $rank) : [0, 0];

        return new Stone(
            state: $state,
            course: $course,
            column: $column,
            x: round($x, 2),
            y: round($y + $this->roughness($column, $course), 2),
            width: round(max(1.0, $width), 2),
            height: round($this->courseHeight() - self::GAP - $this->roughness($column, $course), 2),
            proven: $asked === 0 ? 0.0 : $held / $asked,
            number: $state === StoneState::HoleBegins ? $this->numberOf($cell) : null,
            url: route('attacks.show', $this->ids[$cell->attack->id]),
            says: $this->says($cell, $rank, $state, $held, $asked),
        );
    }

    private function state(Cell $cell, int $course): StoneState
    {
        $order = $this->catalogue->rankOrder();
        $laid = $cell->laidAt === null ? null : $order[$cell->laidAt];
        $need = $cell->attack->neededBy === null ? null : $order[$cell->attack->neededBy];

        return match (true) {
            $laid !== null && $course === $laid => StoneState::Laid,
            $laid !== null && $course > $laid => StoneState::Carried,
            $need !== null && $course === $need => StoneState::HoleBegins,
            $need !== null && $course > $need => StoneState::Hole,
            default => StoneState::Ahead,
        };
    }

    /** @return array{int, int} how many of the students of exactly this rank hold it at the rank's goal rung, and of how many */
    private function proven(Cell $cell, Rank $rank): array
    {
        $asked = array_filter($this->students, static fn (Student $student): bool => $student->rank === $rank->id);
        $held = array_filter($asked, fn (Student $student): bool => $this->proof->holds($student->id, $cell->attack->id, $cell->side, $rank->goalRung));

        return [count($held), count($asked)];
    }

    private function says(Cell $cell, Rank $rank, StoneState $state, int $held, int $asked): string
    {
        $titles = array_column($this->catalogue->answers, 'title', 'id');
        $names = array_column($this->catalogue->ranks, 'name', 'id');
        $side = count($cell->attack->sides()) === 1 ? '' : ($cell->side === Side::Written ? ', as written' : ', mirrored');
        $answers = $cell->answers === [] ? 'Nothing answers it.' : sprintf(
            'Answered by %s, from %s on.',
            implode(', ', array_map(static fn (string $id): string => '“'.$titles[$id].'”', $cell->answers)),
            $names[$cell->laidAt],
        );
        $need = $cell->attack->neededBy === null ? 'No rank needs it.' : sprintf('Needed by %s.', $names[$cell->attack->neededBy]);
        $proof = $asked === 0 ? '' : sprintf(' %d of %d %s students hold it at rung %d.', $held, $asked, $rank->name, $rank->goalRung);

        return sprintf("%s%s — %s course: %s\n%s %s%s", $cell->attack->title, $side, $rank->name, $state->word(), $need, $answers, $proof);
    }

    private function numberOf(Cell $cell): ?int
    {
        foreach ($this->coverage->holes as $index => $hole) {
            if ($hole->attack === $cell->attack->id && $hole->side === $cell->side) {
                return $index + 1;
            }
        }

        return null;
    }

    /** @return array<string, Cell> by `attack side` */
    private function cells(): array
    {
        $cells = [];
        foreach ($this->coverage->cells as $cell) {
            $cells[$cell->attack->id.' '.$cell->side->value] = $cell;
        }

        return $cells;
    }

    /** Stones of a dry wall are of about the same height: the same unevenness for the same stone every time. */
    private function roughness(int $column, int $course): float
    {
        return ($column * 37 + $course * 61) % 5 * 0.55;
    }

    private static function units(Attack $attack): float
    {
        return 2.2 + $attack->prevalence * 0.5;
    }
}
