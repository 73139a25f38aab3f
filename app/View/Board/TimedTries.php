<?php

declare(strict_types=1);

namespace App\View\Board;

use App\Models\Attack;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;

/**
 * How long tries took that were timed from call to finish, rung by rung, beside what the model makes of the first
 * answer.
 */
final readonly class TimedTries
{
    /**
     * @var list<array{rung: string, count: int, low: string, middle: string, high: string, model: ?string}> seconds, to
     *     a tenth; half of the tries lie between low and high
     */
    public array $rungs;

    /** @param list<Cell> $cells of the attack */
    public function __construct(Attack $attack, Catalogue $catalogue, array $cells)
    {
        $rows = DB::select(
            <<<'SQL'
            select rung, count(*) as count, percentile_cont(array[0.25, 0.5,
                0.75]) within group (order by seconds) as spread
            from reps r where school_id = ? and attack_id = ? and seconds is not null
                and not exists (select 1 from reps later where later.school_id = r.school_id and later.replaces = r.id)
            group by rung order by rung
            SQL
            ,
            [$attack->school_id, $attack->id],
        );
        $first = $cells[0]->answers[0] ?? null;
        $answer = $first === null ? null : $catalogue->answer($first);
        $bits = $answer === null ? 0.0 : Standards::of($catalogue)->familyBits($answer->teaching->rank);
        $rungs = [];
        foreach ($rows as $row) {
            $rung = $catalogue->ladder->get($row->rung);
            [$low, $middle, $high] = array_map(floatval(...), explode(',', trim($row->spread, '{}')));
            $model = $answer === null
                ? null
                : $answer->beats->seconds() / $rung->pace + $catalogue->school->asks->reaction->seconds($bits, $rung);
            $rungs[] = [
                'rung' => "{$rung->id} {$rung->name}",
                'count' => (int) $row->count,
                ...array_map(static fn (float $seconds): string => number_format($seconds, 1), [
                    'low' => $low,
                    'middle' => $middle,
                    'high' => $high,
                ]),
                'model' => $model === null ? null : number_format($model, 1),
            ];
        }
        $this->rungs = $rungs;
    }
}
