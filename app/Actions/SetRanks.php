<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\School;
use App\Persistence\Code;
use App\Persistence\StandardLadder;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** Gives a school a whole list of ranks, lowest first. Those that it has keep what belongs to them, place by place. */
final readonly class SetRanks
{
    /**
     * @param list<array{name: string, max_beats: int, goal_rung: int}> $ranks
     *
     * @return bool false where something belongs to a rank that would go; nothing is changed then
     */
    public function set(School $school, array $ranks): bool
    {
        try {
            DB::transaction(static function () use ($school, $ranks): void {
                StandardLadder::ensure($school);
                $there = $school->ranks()->get();
                foreach ($ranks as $position => $columns) {
                    $rank = $there->get($position);
                    $rank === null
                        ? Code::create($school->ranks(), $columns['name'], [...$columns, 'position' => $position])
                        : $rank->update([...$columns, 'position' => $position]);
                }
                $there->slice(count($ranks))->each->delete();
            });
        } catch (QueryException $exception) {
            // 23503: something still points to it.
            return $exception->getCode() === '23503' ? false : throw $exception;
        }
        $school->unsetRelation('ranks');

        return true;
    }
}
