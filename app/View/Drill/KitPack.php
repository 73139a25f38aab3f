<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\Models\DrillList;
use App\Models\DrillListItem;
use App\Models\Student;
use App\Models\User;
use App\Persistence\ReachBook;
use App\View\Attacks\AttackerCard;
use App\View\Attacks\KindNames;
use App\View\Workbench\Bench;
use App\View\Workbench\BenchSettings;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Mistake;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Proof\RepLimits;

/**
 * A kit as a device takes it along: of a large school what each person is drilled on first, and nothing that no drill on that
 * device can come to.
 */
final readonly class KitPack
{
    /** What people can be drilled on, all of them together. */
    private const MAX_TICKETS = 5_000;

    /** What each may be drilled on at least, however many go along. */
    private const MIN_EACH = 25;

    /** Reasons that are told of each for what is left out. */
    private const MAX_REASONS = 12;

    /** @var array<int, list<Cell>> what each person takes along, by the id of the student's row */
    private array $wanted;

    /** @var array<int, list<Cell>> what each is taught though it does not work, by the id of the student's row */
    private array $fails;

    /** @var array<string, int> places of the cells that go along, by the cell's key */
    public array $places;

    /** @var list<Cell> */
    private array $cells;

    /** @var array<string, int> ids of rows by code */
    private array $answerIds;

    public function __construct(private Kit $kit, private Kinds $kinds)
    {
        $each = max(self::MIN_EACH, intdiv(self::MAX_TICKETS, max(1, $kit->students->count())));
        $wanted = $fails = $cells = [];
        foreach ($kit->students as $student) {
            $wanted[$student->id] = $kit->mostWanted($student, $each);
            $fails[$student->id] = array_slice(array_map(static fn (Ticket $ticket): Cell => $ticket->cell, $kit->failing($student, $student->rank->goal_rung)), 0, $each - count($wanted[$student->id]));
            foreach ([...$wanted[$student->id], ...$fails[$student->id]] as $cell) {
                $cells[$cell->key->text] = $cell;
            }
        }
        // In the order of the catalogue.
        $this->cells = array_values(array_filter($kit->cells, static fn (Cell $cell): bool => isset($cells[$cell->key->text])));
        $this->places = array_flip(array_map(static fn (Cell $cell): string => $cell->key->text, $this->cells));
        $this->wanted = $wanted;
        $this->fails = $fails;
        $this->answerIds = $kit->school->answers->pluck('id', 'code')->all();
    }

    /** @return array<string, mixed> as JSON has it; cells, answers and students are named by their places or ids of rows */
    public function toArray(User $by): array
    {
        $students = array_values($this->kit->students->map($this->student(...))->all());

        return [
            'school' => $this->kit->school->id,
            'by' => Recorder::token($by),
            'recorder' => $by->name,
            'limits' => ['seconds' => RepLimits::SECONDS, 'mistakes' => RepLimits::MISTAKES, 'mistake' => RepLimits::MISTAKE, 'stressor' => RepLimits::STRESSOR, 'reason' => RepLimits::REASON, 'sentAtOnce' => RepLimits::SENT_AT_ONCE],
            'at' => $this->kit->at->toIso8601String(),
            'rungs' => array_map($this->rung(...), $this->kit->catalogue->ladder->rungs),
            'cells' => $this->cells(),
            'answers' => $this->answers($students),
            'students' => $students,
            'filters' => $this->kit->filter->all($this->cells),
            'usualRung' => $this->usualRung(),
            'lists' => array_values($this->kit->lists->map($this->list(...))->all()),
        ];
    }

    /** The goal rung that most of those who go along have. */
    private function usualRung(): int
    {
        return (int) ($this->kit->students->map(static fn (Student $student): int => $student->rank->goal_rung)->mode()[0] ?? 4);
    }

    /** @return array<string, mixed> */
    private function rung(Rung $rung): array
    {
        return ['id' => $rung->id, 'name' => $rung->name, 'attackTold' => $rung->attackTold, 'momentTold' => $rung->momentTold, 'followUps' => $rung->followUps, 'stressors' => $rung->stressors];
    }

    /** @return list<array<string, mixed>> */
    private function cells(): array
    {
        $ids = $this->kit->school->attacks->pluck('id', 'code');
        $words = app(KindNames::class)->spoken($this->kinds);

        $reach = app(ReachBook::class)->of($this->kit->school, $this->kit->catalogue, $this->kit->cells);

        return array_map(static fn (Cell $cell): array => [
            'attack' => $ids[$cell->attack->id],
            'side' => $cell->side->value,
            'title' => $cell->attack->title,
            'mirrored' => $cell->side->value === 'mirrored',
            'family' => $cell->attack->kind->family->value,
            'said' => $said = $words->say($cell->attack->kind, $cell->facets),
            'card' => (new AttackerCard($cell->attack, $cell->facets, $said))->brief(),
            'reach' => implode(', ', array_map(static fn (array $told): string => __('mat.reach-of', $told), $reach[$cell->key->text] ?? [])),
            'need' => $cell->attack->need->rank,
            'cautions' => array_map(say(...), $cell->attack->allCautions()),
        ], $this->cells);
    }

    /**
     * @param list<array<string, mixed>> $students
     *
     * @return array<int, array<string, mixed>> by the id of the row, those that somebody may use
     */
    private function answers(array $students): array
    {
        $used = [];
        foreach ($students as $student) {
            foreach ($student['tickets'] as $ticket) {
                $used += array_fill_keys($ticket['answers'], true);
            }
        }
        $answers = [];
        foreach ($this->kit->catalogue->answers as $answer) {
            $id = $this->answerIds[$answer->id];
            if (isset($used[$id])) {
                $answers[$id] = ['title' => $answer->title, 'mistakes' => array_column($answer->teaching->mistakes, 'text'), 'whatIfs' => $answer->beats->whatIfs(), 'cues' => $answer->beats->cues(), 'shown' => (object) $this->shown($answer)];
            }
        }

        return $answers;
    }

    /**
     * Mistakes that are known how they are made: the right way beside the wrong one, and what breaks, for the school's typical body.
     *
     * @return array<string, array{images: list<string>, says: string}> by the mistake
     */
    private function shown(Answer $answer): array
    {
        if (array_filter($answer->teaching->mistakes, static fn (Mistake $mistake): bool => $mistake->instead !== null) === []) {
            return [];
        }
        $attack = $this->kit->catalogue->attackOf($answer);
        $bench = Bench::of($this->kit->catalogue, $answer, $attack, BenchSettings::usual($this->kit->catalogue, $attack), withMends: false);
        $shown = [];
        foreach ($bench->mistakes() as $mistake) {
            if ($mistake->floors !== []) {
                $shown[$mistake->text] = ['images' => $mistake->images(), 'says' => (string) $mistake->breaks];
            }
        }

        return $shown;
    }

    /** @return array<string, mixed> */
    private function student(Student $student): array
    {
        $isYouth = $this->kit->isYouth($student);
        $barred = array_map(say(...), $this->kit->barred($student, self::MAX_REASONS));
        $more = $this->kit->countBarred($student) - self::MAX_REASONS;
        if ($more > 0) {
            $barred = [...$barred, trans_choice('drill.more-left-out', $more, ['student' => $student->name])];
        }

        return [
            'id' => $student->id,
            'name' => $student->name,
            'notes' => $student->notes(),
            'isYouth' => $isYouth,
            'rank' => $student->rank->code,
            'goal' => $student->rank->goal_rung,
            'latest' => $this->kit->latestOf($student),
            'tickets' => [
                ...array_map(fn (Cell $cell): array => $this->ticket($student, $cell, false), $this->wanted[$student->id]),
                ...array_map(fn (Cell $cell): array => $this->ticket($student, $cell, true), $this->fails[$student->id]),
            ],
            'barred' => $barred,
            'levels' => array_map(say(...), $this->kit->levels($student)),
        ];
    }

    /** @return array<string, mixed> */
    private function ticket(Student $student, Cell $cell, bool $fails): array
    {
        $ofRungs = array_map(fn (int $rung): Ticket => $this->kit->ticket($student, $cell, $rung), $this->kit->catalogue->ladder->ids());
        $proof = $this->kit->proofOf($student, $cell);

        return [
            'cell' => $this->places[$cell->key->text],
            'weights' => array_map(static fn (Ticket $ticket): float => round($ticket->weight(), 4), $ofRungs),
            'factor' => round($ofRungs[0]->urgency(), 4),
            'fails' => $fails,
            'holds' => $proof->state === ProofState::Holds,
            'proof' => $proof->text(),
            'answers' => array_map(fn (Answer $answer): int => $this->answerIds[$answer->id], $this->kit->answersOf($student, $cell)),
        ];
    }

    /** @return array<string, mixed> */
    private function list(DrillList $list): array
    {
        return ['id' => $list->id, 'name' => $list->name, 'items' => array_values(array_filter($list->items->map(function (DrillListItem $item): ?array {
            $place = $this->places[(new CellKey($item->attack->code, $item->side))->text] ?? $this->places[(new CellKey($item->attack->code, Side::Written))->text] ?? null;

            return $place === null ? null : [
                'cell' => $place,
                'differences' => $item->differencesText(''),
            ];
        })->all()))];
    }
}
