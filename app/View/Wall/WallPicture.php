<?php

declare(strict_types=1);

namespace App\View\Wall;

use Illuminate\Support\Str;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Text;

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

    /** The wall is higher where no names stand below it. */
    private const BODY_ALONE = 530.0;

    private const GAP = 3.0;
    private const JOINT = 13.0;
    private const NAMES = 158.0;

    /** Room for the share of a family below the wall, where no names stand there. */
    private const SHARES = 20.0;
    private const NAME = 56.0;

    /** Letters of a name below the wall, and the width of a letter above it where letters are wide. */
    private const NAME_LETTERS = 34;
    private const LETTER = 7.2;

    /** Half of what lies between two attacks; the sides of one touch. */
    private const CHINK = 1.3;

    /** Columns narrower than this have no room for a name; those of a family that is looked at alone do. */
    private const NAMED = 9.5;

    /** A stone is no wider than this, however few there are. */
    private const WIDEST = 104.0;

    public float $width;
    public float $height;

    /** Whether there is room for the names of the attacks. */
    public bool $isNamed;

    private float $body;

    /**
     * @var list<array{id: string, name: string, notes: list<array{text: string, y: float}>, y: float, height: float,
     *     line: float}> top first
     */
    public array $courses;

    /**
     * @var list<array{id: string, name: string, x: float, width: float, squeezed: ?float, share: string}> the share
     *     that works, where no names stand below
     */
    public array $families;

    /** @var list<array{name: string, transform: string}> empty where there is no room for names */
    public array $columns;

    /** @var list<Stone> */
    public array $stones;

    /** @var array<string, int> position by id of the rank */
    private array $order;

    /** How it differs from what it is compared with; null where it is compared with nothing. */
    public ?WallChanges $changes;

    /**
     * @param list<Cell>         $cells   those shown, both sides of an attack next to each other
     * @param list<Rank>         $ranks   those shown, lowest first
     * @param list<ProofOverlay>         $moss    one, or two that are compared
     * @param array<string, int> $numbers of the holes in the list beside the wall, by the cell's key
     * @param ?ComparedWall              $past    what it is compared with
     */
    public function __construct(
        Catalogue $catalogue,
        private Coverage $coverage,
        array $cells,
        private array $ranks,
        private array $moss,
        private array $numbers,
        private StoneWords $words,
        private ?ComparedWall $past = null,
    ) {
        $this->order = $catalogue->rankOrder();
        $this->changes = $past === null ? null : new WallChanges($past, $ranks, $this->order);
        $groups = $this->groups($cells);
        [$unit, $joints] = $this->measure($groups);
        $this->isNamed
            = $cells !== [] && $unit * self::units($groups) >= self::NAMED * array_sum(array_map(count(...), $groups));
        $this->body = $this->isNamed ? self::BODY : self::BODY_ALONE;
        $this->width = self::LEFT + self::WIDTH;
        $this->height = self::TOP + $this->body + ($this->isNamed ? self::NAMES : self::SHARES);
        $this->courses = $this->courses();
        [$this->families, $this->columns, $this->stones] = $this->lay($groups, $unit, $joints);
    }

    /** Where the wall stands and the names of the attacks begin. */
    public function foot(): float
    {
        return self::TOP + $this->body;
    }

    /** Whether some stone says that the floor and the mat disagree. */
    public function hasDisputes(): bool
    {
        return array_filter($this->stones, static fn (Stone $stone): bool => $stone->isDisputed) !== [];
    }

    /**
     * @param bool $onlyThose whether kinds of change that do not occur are left out
     *
     * @return list<array{sign: string, text: string}> each kind of change with how many sides it happened to
     */
    public function changeCounts(bool $onlyThose = false): array
    {
        return WallChanges::lines($this->stones, $onlyThose);
    }

    /**
     * @return list<array{id: string, name: string, notes: list<array{text: string, y: float}>, y: float, height: float,
     *     line: float}>
     */
    private function courses(): array
    {
        $courses = [];
        foreach (array_reverse($this->ranks) as $index => $rank) {
            $courses[] = [
                'id' => $rank->id,
                'name' => $rank->name,
                'y' => ($y = self::TOP + $index * $this->courseHeight()),
                'height' => ($height = $this->courseHeight() - self::GAP),
                'line' => ($line = $y + $height / 2 - 4),
                'notes' => [
                    [
                        'text' => __('wall.works-share', [
                            'percent' => round(100 * $this->coverage->coveredBy($rank->id)),
                        ]),
                        'y' => $line + 14,
                    ],
                    [
                        'text' => __('wall.taught-share', [
                            'percent' => round(100 * $this->coverage->taughtBy($rank->id)),
                        ]),
                        'y' => $line + 26,
                    ],
                ],
            ];
        }

        return $courses;
    }

    private function courseHeight(): float
    {
        return $this->body / max(1, count($this->ranks));
    }

    /**
     * @param list<Cell> $cells
     *
     * @return array<string, array<string, non-empty-list<Cell>>> by family, in the order of the families, and attack
     */
    private function groups(array $cells): array
    {
        $groups = array_fill_keys(array_map(static fn (Family $family): string => $family->value, Family::cases()), []);
        foreach ($cells as $cell) {
            $groups[$cell->attack->kind->family->value][$cell->attack->id][] = $cell;
        }

        return array_filter($groups);
    }

    /**
     * How wide a unit of prevalence is, and what lies behind each family.
     *
     * @param array<string, array<string, non-empty-list<Cell>>> $groups
     *
     * @return array{float, array<string, float>}
     */
    private function measure(array $groups): array
    {
        $units = max(1.0, self::units($groups));
        $joints = [];
        foreach ($groups as $family => $attacks) {
            // A family of few stones keeps room for its name.
            $joints[$family] = max(self::JOINT, self::NAME - (self::units([$attacks]) * self::WIDTH) / $units);
        }
        $widest = self::WIDEST * array_sum(array_map(count(...), $groups));

        return [max(0.0, min(self::WIDTH - array_sum($joints), $widest) / $units), $joints];
    }

    /**
     * @param array<string, array<string, non-empty-list<Cell>>> $groups
     * @param array<string, float>                               $joints by family
     *
     * @return array{list<array{id: string, name: string, x: float, width: float, squeezed: ?float, share: string}>,
     *     list<array{name: string, transform: string}>, list<Stone>}
     */
    private function lay(array $groups, float $unit, array $joints): array
    {
        $x = self::LEFT;
        $families = $columns = $stones = [];
        $column = 0;
        foreach ($groups as $family => $attacks) {
            $start = $x;
            foreach ($attacks as $cells) {
                $attack = $cells[0]->attack;
                $width = self::width($attack) * $unit;
                if ($this->isNamed) {
                    $columns[] = [
                        'name' => Str::limit($attack->title, self::NAME_LETTERS, '…'),
                        'transform' => sprintf(
                            'translate(%s %s) rotate(-90)',
                            round($x + $width / 2 + 3.5, 1),
                            $this->foot() + 6,
                        ),
                    ];
                }
                $part = $width / count($cells);
                foreach ($cells as $index => $cell) {
                    $said = $this->words->of($cell);
                    foreach ($this->ranks as $course => $rank) {
                        $stones[] = $this->stone(
                            $cell,
                            $said,
                            $rank,
                            $course,
                            $column,
                            $x + $index * $part + min(self::CHINK, $part / 4) * (1 - $index),
                            $part - min(self::CHINK, $part / 4),
                        );
                    }
                    $column++;
                }
                $x += $width;
            }
            $name = say(Family::from($family)->text());
            $families[] = [
                'id' => $family,
                'name' => $name,
                'x' => $start,
                'width' => $x - $start,
                'squeezed' => self::LETTER * mb_strlen($name) > $x - $start ? $x - $start + 12 : null,
                'share' => $this->share(Family::from($family)),
            ];
            $x += $joints[$family];
        }

        return [$families, $columns, $stones];
    }

    private function share(Family $family): string
    {
        $top = $this->ranks[count($this->ranks) - 1] ?? null;
        $share = $this->isNamed || $top === null ? null : $this->coverage->coveredIn($family, $top->id);

        return $share === null ? '' : __('wall.share', ['percent' => round(100 * $share)]);
    }

    /**
     * @return list<array{name: string, notes: list<array{text: string, y: float}>, rows: list<Stone>}> the same facts
     *     as a list, the top course first: what begins in each, holes first
     */
    public function byRank(): array
    {
        return array_map(function (int $place): array {
            $course = count($this->courses) - 1 - $place;
            $rows = array_values(
                array_filter(
                    $this->stones,
                    static fn (Stone $stone): bool => $stone->place->course === $course
                        && ($stone->state === StoneState::Laid || $stone->state->begins()),
                ),
            );
            usort(
                $rows,
                static fn (Stone $a, Stone $b): int => [
                    ! $a->state->begins(),
                    $a->label->number ?? 0,
                    $a->place->column,
                ] <=> [
                    ! $b->state->begins(),
                    $b->label->number ?? 0,
                    $b->place->column,
                ],
            );

            return [
                'name' => $this->courses[$place]['name'],
                'notes' => $this->courses[$place]['notes'],
                'rows' => $rows,
            ];
        }, array_keys($this->courses));
    }

    /** @param array{url: string, title: string, need: string, disputes: list<string>} $said of the cell */
    private function stone(Cell $cell, array $said, Rank $rank, int $course, int $column, float $x, float $width): Stone
    {
        $position = $this->order[$rank->id];
        $state = StoneState::of($cell, $position, $this->order);
        [$before, $change] = $this->changes?->of($cell, $position) ?? [null, null];
        $y = self::TOP + (count($this->ranks) - 1 - $course) * $this->courseHeight();

        return new Stone(
            new StonePlace(
                $course,
                $column,
                round($x, 2),
                round($y + $this->roughness($column, $course), 2),
                round(max(1.0, $width), 2),
                round($this->courseHeight() - self::GAP - $this->roughness($column, $course), 2),
            ),
            new StoneLabel(
                $said['url'],
                $said['title'],
                $this->words->text($cell, $said, $rank, $state, $change),
                $state->begins() ? $this->numbers[$cell->key->text] ?? null : null,
            ),
            $state,
            $change,
            $state->isLaid()
                ? array_map(static fn (ProofOverlay $moss): float => $moss->share($cell, $rank) ?? 0.0, $this->moss)
                : [],
            $before?->isLaid() === true ? $this->past?->moss?->share($cell, $rank) : null,
            $state === StoneState::Laid ? $cell->workingBy($position)[0] : null,
            $said['disputes'] !== []
                && ($state === StoneState::Laid || ($state->isCracked() && $state->begins())),
        );
    }

    /** Stones of a dry wall are of about the same height: the same unevenness for the same stone every time. */
    private function roughness(int $column, int $course): float
    {
        return (($column * 37 + $course * 61) % 5) * 0.55;
    }

    /** @param array<array-key, array<string, non-empty-list<Cell>>> $groups */
    private static function units(array $groups): float
    {
        return array_sum(
            array_map(
                static fn (array $attacks): float => array_sum(
                    array_map(static fn (array $cells): float => self::width($cells[0]->attack), $attacks),
                ),
                $groups,
            ),
        );
    }

    private static function width(Attack $attack): float
    {
        return 2.2 + $attack->prevalence * 0.5;
    }
}
