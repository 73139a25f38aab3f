<?php

declare(strict_types=1);

namespace App\View\Settings;

use App\Models\School;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\WindowBook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Proof\Evidence;
use StoneDrill\Core\Proof\ProofRules;

/** What another setting would change on the wall, before it is saved. */
final readonly class SettingChange
{
    /** Sides of attacks that are named. */
    private const NAMED = 12;

    /** Sides of attacks that students have tried, of all of them, beyond which it takes too long to count them anew. */
    private const MAX_TRIED = 5_000;

    /**
     * @param list<string> $lost   sides of attacks that nothing works for any more
     * @param list<string> $gained sides of attacks that something works for then
     * @param list<string> $more   what else changes
     */
    private function __construct(
        public string $works,
        public string $holes,
        public array $lost,
        public array $gained,
        public array $more,
        public bool $isNothing,
    ) {}

    /** @param array<string, mixed> $columns of the school, as they would be */
    public static function of(School $school, array $columns, CatalogueMapper $mapper, CoverageBook $coverages): self
    {
        $now = $mapper->curriculum($school);
        $then = $now->withSchool($mapper->school((clone $school)->fill($columns)));
        [$before, $after] = [$coverages->wholeOfAnother($school, $now), $coverages->wholeOfAnother($school, $then)];
        $lost = self::differing($before, $after);
        $gained = self::differing($after, $before);
        $more = [
            ...self::uncatalogued($before, $after),
            ...self::held($school, $now, $then),
        ];

        return new self(
            __('settings.preview.works', ['now' => self::share($now, $before), 'then' => self::share($then, $after)]),
            __('settings.preview.holes', [
                'now' => count(self::holes($before)),
                'then' => count(self::holes($after)),
                'weight' => number_format(self::weight($before), 1),
                'weight_then' => number_format(self::weight($after), 1),
            ]),
            array_slice($lost, 0, self::NAMED),
            array_slice($gained, 0, self::NAMED),
            $more,
            $more === []
                && $before->worksFrom() === $after->worksFrom()
                && self::weight($before) === self::weight($after),
        );
    }

    /** @return list<string> sides for which something works in the first and nothing in the second */
    private static function differing(Coverage $first, Coverage $second): array
    {
        $works = array_flip(
            array_map(
                static fn (Cell $cell): string => $cell->key->text,
                array_filter($second->cells, static fn (Cell $cell): bool => $cell->worksFrom !== []),
            ),
        );
        $named = [];
        foreach ($first->cells as $cell) {
            if ($cell->worksFrom !== [] && ! isset($works[$cell->key->text])) {
                $named[] = $cell->attack->title
                .(count($cell->attack->sides()) === 1 ? '' : ' ('.__("words.sides.{$cell->side->value}").')');
            }
        }

        return $named;
    }

    /** @return list<string> nothing where as much is missing then as now */
    private static function uncatalogued(Coverage $before, Coverage $after): array
    {
        [$now, $then] = array_map(
            static fn (Coverage $coverage): int => count($coverage->holes) - count(self::holes($coverage)),
            [$before, $after],
        );

        return $now === $then ? [] : [__('settings.preview.uncatalogued', ['now' => $now, 'then' => $then])];
    }

    /** @return list<string> nothing where all students hold as much then as now, at the goal rungs of their ranks */
    private static function held(School $school, Catalogue $catalogue, Catalogue $other): array
    {
        $rules = ProofRules::of($other->school->proof);
        $before = ProofRules::of($catalogue->school->proof);
        if ($rules->mark() === $before->mark()) {
            return [];
        }
        $areCounted = $rules->credits == $before->credits && $rules->window === $before->window;
        if (! $areCounted && DB::table('proof_windows')->where('school_id', $school->id)->count() > self::MAX_TRIED) {
            return [__('settings.preview.held-later')];
        }
        $at = CarbonImmutable::now();
        $goals = $school
            ->students()
            ->with('rank')
            ->get()
            ->mapWithKeys(static fn (Student $student): array => [$student->id => $student->rank->goal_rung])
            ->all();
        $now = $then = 0;
        foreach ((new WindowBook($school, $catalogue))->of(array_keys($goals), $at) as $student => $windows) {
            foreach ($windows as $window) {
                $now += (int) $window->holds($goals[$student], $at);
                $then += $areCounted
                    ? (int) Evidence::of($window->tries, $goals[$student], $at->getTimestamp(), $rules)->holds()
                    : 0;
            }
        }
        // What a try counts for is kept with it, and none but the latest are.
        foreach ($areCounted ? [] : (new WindowBook($school, $other))->unkept($at) as $student => $windows) {
            foreach (isset($goals[$student]) ? $windows : [] as $window) {
                $then += (int) $window->holds($goals[$student], $at);
            }
        }

        return $now === $then ? [] : [__('settings.preview.held', ['now' => $now, 'then' => $then])];
    }

    private static function share(Catalogue $catalogue, Coverage $coverage): string
    {
        $top = array_key_last($catalogue->ranks);

        return $top === null ? '–' : (string) round(100 * $coverage->coveredBy($catalogue->ranks[$top]->id));
    }

    private static function weight(Coverage $coverage): float
    {
        return round(array_sum(array_column(self::holes($coverage), 'weight')), 3);
    }

    /** @return list<Hole> those of what is in the catalogue */
    private static function holes(Coverage $coverage): array
    {
        return array_values(
            array_filter($coverage->holes, static fn (Hole $hole): bool => $hole->kind !== HoleKind::Uncatalogued),
        );
    }
}
