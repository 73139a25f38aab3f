<?php

declare(strict_types=1);

namespace App\View\Ladder;

use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
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
    public function __construct(private Student $student, LadderPicture $ladder, array $windows, CarbonImmutable $now)
    {
        $up = $down = [];
        foreach ($ladder->rows as $row) {
            $window = $windows[CellKey::of($row->attack, $row->side)->text] ?? Window::empty();
            $move = $window->count === 0 ? null : RungMove::of($window, $ladder->catalogue->ladder, $now);
            if ($move?->isUp() === true) {
                $up[] = ['title' => $row->title(), 'text' => __('students.moves.up-text', ['from' => $move->from, 'to' => $move->to])];
            } elseif ($move !== null) {
                $mistake = $this->mistake($row, $move->from);
                $down[] = ['title' => $row->title(), 'text' => __('students.moves.down-text', ['from' => $move->from, 'to' => $move->to, 'tries' => RungMove::TRIES]).($mistake === '' ? '' : ' '.__('students.moves.mistake', ['mistake' => $mistake]))];
            }
        }
        [$this->up, $this->down] = [$up, $down];
    }

    /** The mistake that was seen most in the latest tries at the rung where it fails; empty where none was. */
    private function mistake(LadderRow $row, int $rung): string
    {
        $found = DB::selectOne(<<<'SQL'
            select m.mistake from (
                select r.mistakes from reps r join attacks a on a.id = r.attack_id
                where r.school_id = ? and r.student_id = ? and a.code = ? and r.side = ? and r.rung = ? and r.source <> 'home'
                    and not exists (select 1 from reps later where later.school_id = r.school_id and later.replaces = r.id)
                order by r.at desc, r.id desc limit ?
            ) as latest cross join lateral json_array_elements_text(latest.mistakes::json) as m(mistake)
            group by m.mistake order by count(*) desc, m.mistake limit 1
            SQL, [$this->student->school_id, $this->student->id, $row->attack->id, $row->side->value, $rung, (new ProofRules())->window]);

        return is_string($found?->mistake) ? $found->mistake : '';
    }
}
