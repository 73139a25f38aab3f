<?php

declare(strict_types=1);

namespace App\View\Ladder;

use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use stdClass;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\RungMove;
use StoneDrill\Core\Proof\Window;

/** Where a student is ready for more, and where three tries a rung lower would help, with the mistake to work on. */
final readonly class RungMoves
{
    /** @var list<array{title: string, text: string}> */
    public array $up;

    /** @var list<array{title: string, text: string}> */
    public array $down;

    /** @param array<string, Window> $windows what is kept of the student’s reps, by the cell's key */
    public function __construct(Student $student, LadderPicture $ladder, array $windows, CarbonImmutable $now)
    {
        $up = $down = [];
        foreach ($ladder->rows as $row) {
            $key = CellKey::of($row->attack, $row->side)->text;
            $window = $windows[$key] ?? Window::empty();
            $move = $window->count === 0 ? null : RungMove::of($window, $ladder->catalogue->ladder, $now);
            if ($move?->isUp() === true) {
                $up[] = ['title' => $row->title(), 'text' => __('students.moves.up-text', ['from' => $move->from, 'to' => $move->to])];
            } elseif ($move !== null) {
                $down[$key] = [$row, $move];
            }
        }
        $this->up = $up;
        $mistakes = self::mistakes($student, array_values($down));
        $this->down = array_map(static fn (string $key): array => [
            'title' => $down[$key][0]->title(),
            'text' => __('students.moves.down-text', ['from' => $down[$key][1]->from, 'to' => $down[$key][1]->to, 'tries' => RungMove::TRIES]).(isset($mistakes[$key]) ? ' '.__('students.moves.mistake', ['mistake' => $mistakes[$key]]) : ''),
        ], array_keys($down));
    }

    /**
     * The mistake that was seen most in the latest tries at the rung where it fails.
     *
     * @param list<array{LadderRow, RungMove}> $down
     *
     * @return array<string, string> by the cell's key; none where none was seen
     */
    private static function mistakes(Student $student, array $down): array
    {
        if ($down === []) {
            return [];
        }
        $cells = implode(', ', array_fill(0, count($down), '(?, ?, ?)'));
        $found = DB::select(<<<SQL
            select distinct on (latest.code, latest.side) latest.code, latest.side, m.mistake from (
                select a.code, r.side, r.mistakes, row_number() over (partition by r.attack_id, r.side order by r.at desc, r.id desc) as place
                from reps r join attacks a on a.id = r.attack_id
                where r.school_id = ? and r.student_id = ? and r.source <> 'home' and (a.code, r.side, r.rung) in ({$cells})
                    and not exists (select 1 from reps later where later.school_id = r.school_id and later.replaces = r.id)
            ) as latest cross join lateral json_array_elements_text(latest.mistakes::json) as m(mistake)
            where latest.place <= ?
            group by latest.code, latest.side, m.mistake order by latest.code, latest.side, count(*) desc, m.mistake
            SQL, [$student->school_id, $student->id, ...array_merge(...array_map(static fn (array $one): array => [$one[0]->attack->id, $one[0]->side->value, $one[1]->from], $down)), (new ProofRules())->window]);

        return array_column(array_map(static fn (stdClass $one): array => ["{$one->code} {$one->side}", $one->mistake], $found), 1, 0);
    }
}
