<?php

declare(strict_types=1);

namespace App\View\Ladder;

use App\Models\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Proof\RungMove;
use StoneDrill\Core\Proof\Window;

/** Where a student is ready for more, and where three tries a rung lower would help, with the mistake to work on. */
final readonly class RungMoves
{
    /**
     * @param list<array{title: string, text: string}> $up
     * @param list<array{title: string, text: string}> $down
     */
    private function __construct(public array $up, public array $down) {}

    /**
     * @param array<int, array<string, string>> $titles  of what each student is asked about, by the student's row and
     *     the cell's key
     * @param array<int, array<string, Window>> $windows what is kept of their reps, likewise
     * @param ?CarbonImmutable                 $until   reps until then are told of; all of them without
     *
     * @return array<int, self> by the student's row
     */
    public static function of(
        School $school,
        Ladder $ladder,
        array $titles,
        array $windows,
        CarbonImmutable $now,
        ?CarbonImmutable $until = null,
    ): array {
        $moves = [];
        foreach ($titles as $student => $cells) {
            foreach (array_intersect_key($windows[$student] ?? [], $cells) as $key => $window) {
                $move = $window->count === 0 ? null : RungMove::of($window, $ladder, $now);
                if ($move !== null) {
                    $moves[$student][$key] = $move;
                }
            }
        }
        $mistakes = self::mistakes($school, $moves, $until);
        $all = [];
        foreach ($titles as $student => $cells) {
            $up = $down = [];
            // In the order in which they are asked about.
            foreach (array_intersect_key($cells, $moves[$student] ?? []) as $key => $title) {
                $move = $moves[$student][$key];
                $mistake = $mistakes["{$student} {$key}"] ?? null;
                if ($move->isUp()) {
                    $up[] = [
                        'title' => $title,
                        'text' => __('students.moves.up-text', ['from' => $move->from, 'to' => $move->to]),
                    ];
                } else {
                    $down[] = [
                        'title' => $title,
                        'text' => __('students.moves.down-text', [
                            'from' => $move->from,
                            'to' => $move->to,
                            'tries' => RungMove::TRIES,
                        ]).($mistake === null ? '' : ' '.__('students.moves.mistake', ['mistake' => $mistake])),
                    ];
                }
            }
            $all[$student] = new self($up, $down);
        }

        return $all;
    }

    /**
     * Those for whom it would help first.
     *
     * @return list<string> as many as are wanted, and how many more there are
     */
    public function lines(int $most): array
    {
        $all = array_map(static fn (array $one): string => "{$one['title']}: {$one['text']}", [
            ...$this->down,
            ...$this->up,
        ]);

        return count($all) <= $most
            ? $all
            : [...array_slice($all, 0, $most), trans_choice('students.moves.more', count($all) - $most)];
    }

    /** How many of each, in a few words; empty where there are none. */
    public function short(): string
    {
        return implode(
            ' · ',
            array_filter([
                $this->up === [] ? '' : trans_choice('students.moves.up-short', count($this->up)),
                $this->down === [] ? '' : trans_choice('students.moves.down-short', count($this->down)),
            ]),
        );
    }

    /**
     * The mistake that was seen most in the latest tries at the rung where it fails.
     *
     * @param array<int, array<string, RungMove>> $moves by the student's row and the cell's key
     *
     * @return array<string, string> by the same two with a blank between; none where none was seen
     */
    private static function mistakes(School $school, array $moves, ?CarbonImmutable $until): array
    {
        $ids = $school->attackIds();
        $asked = [];
        foreach ($moves as $student => $cells) {
            foreach (array_filter($cells, static fn (RungMove $move): bool => ! $move->isUp()) as $key => $move) {
                $cell = CellKey::read($key);
                $asked[] = [$student, $ids[$cell->attack], $cell->attack, $cell->side->value, $move->from];
            }
        }
        if ($asked === []) {
            return [];
        }
        // Cell by cell, by the index of the reps of a student against an attack: with all at once the database reads
        // all that these students have.
        $found = DB::select(
            <<<'SQL'
            select distinct on (asked.student, asked.code, asked.side) asked.student as student_id, asked.code,
                asked.side, m.mistake
            from json_to_recordset(?) as asked(student bigint, attack bigint, code text, side text, rung int)
                cross join lateral (
                select r.mistakes from reps r
                where r.school_id = ? and r.student_id = asked.student and r.attack_id = asked.attack
                    and r.side = asked.side and r.rung = asked.rung and r.source <> 'home'
                        and r.at <= coalesce(?::timestamptz, 'infinity')
                    and not exists (select 1 from reps later where later.school_id = r.school_id
                        and later.replaces = r.id)
                order by r.at desc, r.id desc limit ?
            ) as latest cross join lateral json_array_elements_text(latest.mistakes::json) as m(mistake)
            group by asked.student, asked.code, asked.side, m.mistake
                order by asked.student, asked.code, asked.side, count(*) desc, m.mistake
            SQL
            ,
            [
                json_encode(
                    array_map(
                        static fn (array $one): array => array_combine(
                            ['student', 'attack', 'code', 'side', 'rung'],
                            $one,
                        ),
                        $asked,
                    ),
                ),
                $school->id,
                $until?->format('Y-m-d H:i:sP'),
                $school->latest,
            ],
        );
        $mistakes = [];
        foreach ($found as $one) {
            $mistakes["{$one->student_id} {$one->code} {$one->side}"] = $one->mistake;
        }

        return $mistakes;
    }
}
