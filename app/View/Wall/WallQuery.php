<?php

declare(strict_types=1);

namespace App\View\Wall;

use App\Models\School;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use StoneDrill\Core\Coverage\Aspect;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\Selection;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;

/**
 * What part of the wall is looked at, for whom, and against what. Read from an address: what is not there is left out.
 */
final readonly class WallQuery
{
    /**
     * @param array{?string, ?string} $span ids of the lowest and the highest rank shown, null from the ground and to
     *     the top
     * @param bool             $isYouth whether it is the wall of those under 16
     * @param ?Student         $student whose proof the moss is, null for the shares of the ranks
     * @param ?Student         $against the student’s partner in a comparison
     * @param ?CarbonImmutable $since the day that now is compared with
     * @param int              $page  of a wall that is too large to be drawn at once, from 1
     */
    private function __construct(
        public Selection $selection,
        private array $span,
        public bool $isYouth,
        public ?Student $student,
        public ?Student $against,
        public ?CarbonImmutable $since,
        public bool $asTable,
        public int $page,
    ) {}

    public static function of(Request $request, School $school): self
    {
        $ranks = $school->ranks->pluck('code')->all();
        $rank = static fn (string $name): ?string => in_array($request->query($name), $ranks, true)
            ? $request->query($name)
            : null;
        $student = self::student($request->query('student'), $school);
        $against = $student === null ? null : self::student($request->query('against'), $school);

        return new self(
            Selection::of($request->query()),
            [$rank('from'), $rank('to')],
            $request->query('youth') === '1',
            $student,
            $against?->is($student) ? null : $against,
            self::day($request->query('since')),
            $request->query('form') === 'table',
            self::page($request->query('page')),
        );
    }

    /** Id of the lowest rank shown; null from the ground. */
    public function from(): ?string
    {
        return $this->span[0];
    }

    /** Id of the highest rank shown; null to the top. */
    public function to(): ?string
    {
        return $this->span[1];
    }

    /** Whether every stone is shown as it stands. */
    public function isEverything(): bool
    {
        return $this->parameters(['form' => null]) === [];
    }

    /** Whether only this family is shown. */
    public function isOf(string $family): bool
    {
        return ($this->selection->values[Aspect::FAMILY] ?? null) === $family;
    }

    /**
     * What stands in the address.
     *
     * @param array<string, ?string> $changed null takes one away
     *
     * @return array<string, string>
     */
    public function parameters(array $changed = []): array
    {
        return array_filter(
            [
                ...$this->selection->values,
                'from' => $this->from(),
                'to' => $this->to(),
                'youth' => $this->isYouth ? '1' : null,
                'student' => $this->student === null ? null : (string) $this->student->id,
                'against' => $this->against === null ? null : (string) $this->against->id,
                'since' => $this->since?->toDateString(),
                'form' => $this->asTable ? 'table' : null,
                // Whoever asks for another part begins with its first page.
                'page' => $changed === [] || array_keys($changed) === ['form']
                    ? ($this->page === 1
                        ? null
                        : (string) $this->page)
                    : null,
                ...$changed,
            ],
            static fn (?string $value): bool => $value !== null,
        );
    }

    /** @return array<string, string> what stands in the address of another page of the same wall */
    public function onPage(int $page): array
    {
        return [...$this->parameters(), 'page' => (string) $page];
    }

    /** Shows a family alone, or all of them again. */
    public function familyUrl(string $family): string
    {
        return route('wall', $this->parameters(['family' => $this->isOf($family) ? null : $family]), absolute: false);
    }

    /** @param array{id: string, name: string, ...} $family */
    public function familyLabel(array $family): string
    {
        return __($this->isOf($family['id']) ? 'wall.all-families' : 'wall.family-alone', [
            'family' => $family['name'],
        ]);
    }

    /** Whose proof the moss is, and as of when. */
    public function mossText(?CarbonImmutable $at): string
    {
        if ($at === null) {
            return __('wall.legend.moss-follows');
        }
        $isToday = school_time($at, 'Ymd') === school_time(CarbonImmutable::now(), 'Ymd');

        $case = match (true) {
            $this->against !== null => 'two',
            $this->student !== null => 'student',
            default => 'rank',
        };

        return __('wall.legend.moss-'.$case, [
            'name' => $this->student->name ?? '',
            'other' => $this->against->name ?? '',
            'time' => school_time($at, $isToday ? 'H:i' : 'j M, H:i'),
        ]);
    }

    /** @return list<Rank> those shown, lowest first */
    public function ranks(Catalogue $catalogue): array
    {
        [$low, $high] = $this->limits($catalogue);

        return array_slice($catalogue->ranks, $low, $high - $low + 1);
    }

    /**
     * The holes in the cells and ranks that are shown.
     *
     * @param list<Hole> $holes
     * @param list<Cell> $cells  those shown
     * @param bool       $isPart whether they are one page of more
     *
     * @return list<Hole>
     */
    public function holes(array $holes, array $cells, Catalogue $catalogue, bool $isPart = false): array
    {
        if (! $isPart && $this->selection->isEverything() && $this->from() === null && $this->to() === null) {
            return $holes;
        }
        [$low, $high] = $this->limits($catalogue);
        $order = $catalogue->rankOrder();
        $shown = [];
        foreach ($cells as $cell) {
            $shown[$cell->key->text] = true;
        }

        return array_values(
            array_filter(
                $holes,
                static fn (Hole $hole): bool => isset($shown[$hole->cell->text ?? ''])
                    && $hole->rank !== null
                    && $order[$hole->rank] >= $low
                    && $order[$hole->rank] <= $high,
            ),
        );
    }

    /** @return array{int, int} positions of the lowest and the highest rank shown */
    private function limits(Catalogue $catalogue): array
    {
        $order = $catalogue->rankOrder();
        [$from, $to] = [$order[$this->from() ?? ''] ?? 0, $order[$this->to() ?? ''] ?? count($order) - 1];

        return [min($from, $to), max($from, $to)];
    }

    private static function student(mixed $id, School $school): ?Student
    {
        return is_string($id) && ctype_digit($id) && strlen($id) < 18
            ? $school->students()->with('rank')->find((int) $id)
            : null;
    }

    /** A page as an address names it; the first where it names none. */
    public static function page(mixed $number): int
    {
        return is_string($number) && ctype_digit($number) && strlen($number) < 5 ? max(1, (int) $number) : 1;
    }

    /** Null for what is no day, or has not been yet. */
    private static function day(mixed $text): ?CarbonImmutable
    {
        if (
            ! is_string($text)
            || preg_match('/^[0-9]{4}-[0-9]{2}-[0-9]{2}$/D', $text) !== 1
            || ! CarbonImmutable::canBeCreatedFromFormat($text, 'Y-m-d')
        ) {
            return null;
        }
        $day = CarbonImmutable::parse($text)->endOfDay();

        return $day->isPast() && $day->toDateString() === $text ? $day : null;
    }
}
