<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Rank;
use App\Models\School;
use App\Models\Test;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Session\Readiness;
use StoneDrill\Core\Session\TestRule;

/** Plans a test: what it asks for is fixed with it, so that a change of the catalogue changes no test. */
final readonly class PlanTest
{
    public function __construct(private CatalogueMapper $mapper) {}

    /**
     * @param array<string, mixed> $columns  of the test
     * @param list<int>            $students ids of candidates
     */
    public function plan(School $school, array $columns, array $students, ?User $by): Test
    {
        return DB::transaction(function () use ($school, $columns, $students, $by): Test {
            $test = $school->tests()->create([...$columns, 'updated_by_id' => $by?->id]);
            $this->fill($test->setRelation('school', $school));
            $test->candidates()->sync(array_fill_keys($students, ['school_id' => $school->id]));

            return $test;
        });
    }

    /** What the test asks for, anew. */
    public function fill(Test $test): void
    {
        $school = $test->school;
        $rank = $test->rank()->firstOrFail();
        $catalogue = $this->mapper->curriculum($school);
        $asked = Readiness::asked($catalogue, $catalogue->rank($rank->code));
        $ids = $school->attackIds();
        $test->items()->delete();
        self::solos($test, $rank);
        $test
            ->items()
            ->createMany(
                array_map(
                    static fn (int $place, array $item): array => self::columns($test, $rank, $place, $item, $ids),
                    array_keys($items = $test->is_drawn ? TestRule::draw($asked, crc32($test->code)) : $asked),
                    $items,
                ),
            );
    }

    /** Basics and forms that this rank is the first to ask for. */
    private static function solos(Test $test, Rank $rank): void
    {
        $ids = $test->school->solos()->where('rank_id', $rank->id)->orderByRaw("kind = 'form'")->pluck('id')->all();
        $test
            ->solos()
            ->sync(
                array_combine(
                    $ids,
                    array_map(
                        static fn (int $place): array => ['school_id' => $test->school_id, 'position' => $place + 1],
                        array_keys($ids),
                    ),
                ),
            );
    }

    /**
     * @param array{Attack, Side} $item
     * @param array<string, int>  $ids  of attacks, by code
     *
     * @return array<string, mixed>
     */
    private static function columns(Test $test, Rank $rank, int $place, array $item, array $ids): array
    {
        return [
            'school_id' => $test->school_id,
            'position' => $place + 1,
            'attack_id' => $ids[$item[0]->id],
            'side' => $item[1],
            'rung' => $rank->goal_rung,
        ];
    }
}
