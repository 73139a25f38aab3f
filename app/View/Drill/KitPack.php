<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\Models\DrillList;
use App\Models\DrillListItem;
use App\Models\School;
use App\Models\Student;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\PreparationBook;
use App\View\Attacks\AttackerCard;
use App\View\Attacks\KindNames;
use App\View\BearingText;
use App\View\Board\ProofWords;
use App\View\Workbench\Bench;
use App\View\Workbench\BenchSettings;
use App\View\Workbench\Meeting;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Mistake;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Proof\RepLimits;

/**
 * A kit as a device takes it along: of a large school what each person is drilled on first, and nothing that no drill
 * on that device can come to.
 */
final readonly class KitPack
{
    /** What people can be drilled on, all of them together. */
    private const MAX_TICKETS = 5_000;

    /** What each may be drilled on at least, however many go along. */
    private const MIN_EACH = 25;

    /** Cells of a catalogue beyond which nobody is told what is in reach. */
    private const MAX_IN_REACH = 400;

    /** @var array<string, int> places of the cells that go along, by the cell's key */
    private array $places;

    /** @var list<Cell> */
    private array $cells;

    /** @var array<string, int> ids of rows by code */
    private array $answerIds;

    /**
     * @param Collection<int, Student>        $students those who go along
     * @param array<int, array<string, mixed>> $people   what is said of each, by the id of the row, as
     *     {@see PersonPack} has it
     */
    private function __construct(
        private Kit $kit,
        private Kinds $kinds,
        private KitShelf $shelf,
        private Collection $students,
        private array $people,
    ) {
        $wanted = [];
        foreach ($people as $person) {
            foreach ($person['tickets'] as $ticket) {
                $wanted[$ticket['cell']] = true;
            }
        }
        // In the order of the catalogue.
        $this->cells = array_values(
            array_filter($kit->cells, static fn (Cell $cell): bool => isset($wanted[$cell->key->text])),
        );
        $this->places = array_flip(array_map(static fn (Cell $cell): string => $cell->key->text, $this->cells));
        $this->answerIds = $kit->school->answerIds();
    }

    /**
     * @param Collection<int, Student> $students those who go along, with their ranks
     * @param bool                     $waits    whether whoever asks waits until everybody is read as of now
     */
    public static function of(
        School $school,
        CatalogueMapper $mapper,
        CoverageBook $coverages,
        CarbonImmutable $at,
        Collection $students,
        bool $waits = false,
    ): self {
        $each = max(self::MIN_EACH, intdiv(self::MAX_TICKETS, max(1, $students->count())));
        $prepared = app(PreparationBook::class)->until($school, $at);
        $shelf = new KitShelf($school, $at, $each, $prepared, $waits);
        $kept = $shelf->of($students);
        // Only those of whom something is new are read at all.
        $kit = new Kit(
            $school,
            $mapper,
            $coverages,
            $at,
            $students->reject(static fn (Student $student): bool => isset($kept[$student->id]))->values(),
            $prepared,
        );
        $words = new ProofWords();
        $new = $kit->students
            ->mapWithKeys(
                static fn (Student $student): array => [
                    $student->id => (new PersonPack($kit, $student, $each, $words))->toArray(),
                ],
            )
            ->all();
        $shelf->keep($new);

        return new self($kit, $mapper->kinds($school), $shelf, $students, $kept + $new);
    }

    /**
     * @return array<string, mixed> as JSON has it; cells, answers and students are named by their places or ids of rows
     */
    public function toArray(User $by): array
    {
        $students = array_values(
            $this->students->map(fn (Student $student): array => $this->student($this->people[$student->id]))->all(),
        );

        return [
            'school' => $this->kit->school->id,
            'by' => Recorder::token($by),
            'recorder' => $by->name,
            'limits' => [
                'seconds' => RepLimits::SECONDS, 'mistakes' => RepLimits::MISTAKES, 'mistake' => RepLimits::MISTAKE,
                'stressor' => RepLimits::STRESSOR, 'reason' => RepLimits::REASON,
                'sentAtOnce' => RepLimits::SENT_AT_ONCE,
            ],
            'at' => $this->kit->at->toIso8601String(),
            'rungs' => array_map($this->rung(...), $this->kit->catalogue->ladder->rungs),
            'cells' => $this->cells(),
            'answers' => $this->answers($students),
            'students' => $students,
            'filters' => $this->kit->filter->all($this->cells),
            'usualRung' => $this->usualRung(),
            'lists' => array_values($this->kit->lists->map($this->list(...))->all()),
            // Whether a device that asks again is told more.
            'behind' => $this->shelf->isBehind(),
        ];
    }

    /**
     * @param array<string, mixed> $person
     *
     * @return array<string, mixed> the same with the places of cells
     */
    private function student(array $person): array
    {
        $tickets = [];
        foreach ($person['tickets'] as $ticket) {
            if (isset($this->places[$ticket['cell']])) {
                $ticket['cell'] = $this->places[$ticket['cell']];
                $tickets[] = $ticket;
            }
        }

        return [...$person, 'tickets' => $tickets];
    }

    /** The goal rung that most of those who go along have. */
    private function usualRung(): int
    {
        return (int) ($this->students->map(static fn (Student $student): int => $student->rank->goal_rung)->mode()[0]
            ?? 4);
    }

    /** @return array<string, mixed> */
    private function rung(Rung $rung): array
    {
        return [
            'id' => $rung->id,
            'name' => $rung->name,
            'attackTold' => $rung->attackTold,
            'momentTold' => $rung->momentTold,
            'followUps' => $rung->followUps,
            'stressors' => $rung->stressors,
        ];
    }

    /** @return list<array<string, mixed>> */
    private function cells(): array
    {
        $keys = array_keys($this->places);
        $said = $this->shelf->words('cells', $keys, $this->sayCells(...));
        $reach = $this->shelf->found('reach', $keys, $this->findReach(...));

        return array_map(static fn (string $key): array => [...$said[$key], 'reach' => $reach[$key] ?? ''], $keys);
    }

    /**
     * @param list<string> $keys of cells
     *
     * @return array<string, string> what is in reach when the attack begins, by the cell's key
     */
    private function findReach(array $keys): array
    {
        // Of a large catalogue it would take too long: each takes a millisecond or two.
        $within = count($this->kit->cells) > self::MAX_IN_REACH ? null : new WithinReach($this->kit->catalogue);

        return array_combine(
            $keys,
            array_map(fn (string $key): string => $within?->text($this->cells[$this->places[$key]]) ?? '', $keys),
        );
    }

    /**
     * @param list<string> $keys of cells
     *
     * @return array<string, array<string, mixed>> by the cell's key
     */
    private function sayCells(array $keys): array
    {
        $ids = $this->kit->school->attackIds();
        $words = app(KindNames::class)->spoken($this->kinds);
        $style = $this->kit->catalogue->school->conventions->bearings;
        $cells = array_map(fn (string $key): Cell => $this->cells[$this->places[$key]], $keys);

        return array_combine(
            $keys,
            array_map(
                static fn (Cell $cell): array => [
                    'attack' => $ids[$cell->attack->id],
                    'side' => $cell->side->value,
                    'title' => $cell->attack->title,
                    'mirrored' => $cell->side->value === 'mirrored',
                    'family' => $cell->attack->kind->family->value,
                    'said' => ($said = $words->say(
                        $cell->attack->kind,
                        $cell->facets,
                        BearingText::from($cell->facets->bearing, $style),
                    )),
                    'card' => (new AttackerCard($cell->attack, $cell->facets, $said))->brief(),
                    'need' => $cell->attack->need->rank,
                    'cautions' => array_map(say(...), $cell->attack->allCautions()),
                ],
                $cells,
            ),
        );
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
                foreach ($ticket['answers'] as $id) {
                    $used[$id] = true;
                }
            }
        }
        $said = $this->shelf->words('answers', array_keys($used), $this->sayAnswers(...));
        $shown = $this->shelf->found('shown', array_keys($used), $this->findShown(...));
        // In the order of the catalogue; what nothing is shown of is an object without fields, not a list.
        $ids = array_filter($this->answerIds, static fn (int $id): bool => isset($used[$id]));

        return array_map(
            static fn (int $id): array => [...$said[$id], 'shown' => (object) ($shown[$id] ?? [])],
            array_combine($ids, $ids),
        );
    }

    /**
     * @param list<int> $ids of the rows of answers
     *
     * @return array<int, array<string, mixed>> by the id of the row
     */
    private function sayAnswers(array $ids): array
    {
        $vocabulary = $this->kit->catalogue->school->vocabulary();

        return array_map(
            static fn (Answer $answer): array => [
                'title' => $answer->title,
                'mistakes' => array_column($answer->teaching->mistakes, 'text'),
                'whatIfs' => $answer->beats->whatIfs($vocabulary),
                'cues' => $answer->beats->cues(),
            ],
            $this->answersOf($ids),
        );
    }

    /**
     * @param list<int> $ids of the rows of answers
     *
     * @return array<int, array<string, array{images: list<string>, says: string}>> by the id of the row, then the
     *     mistake
     */
    private function findShown(array $ids): array
    {
        return array_map($this->shown(...), $this->answersOf($ids));
    }

    /**
     * @param list<int> $ids of the rows
     *
     * @return array<int, Answer> by the id of the row
     */
    private function answersOf(array $ids): array
    {
        return array_map(
            fn (int|string $code): Answer => $this->kit->catalogue->answer((string) $code),
            array_flip(array_intersect($this->answerIds, $ids)),
        );
    }

    /**
     * Mistakes that are known how they are made: the right way beside the wrong one, and what breaks, for the school's
     * typical body.
     *
     * @return array<string, array{images: list<string>, says: string}> by the mistake
     */
    private function shown(Answer $answer): array
    {
        if (
            array_filter(
                $answer->teaching->mistakes,
                static fn (Mistake $mistake): bool => $mistake->instead !== null,
            ) === []
        ) {
            return [];
        }
        $attack = $this->kit->catalogue->attackOf($answer);
        $bench = Bench::of(
            $this->kit->catalogue,
            Meeting::own($answer, $attack, BenchSettings::usual($this->kit->catalogue, $attack)),
            withMends: false,
        );
        $shown = [];
        foreach ($bench->mistakes() as $mistake) {
            if ($mistake->floors !== []) {
                $shown[$mistake->text] = ['images' => $mistake->images(), 'says' => (string) $mistake->breaks];
            }
        }

        return $shown;
    }

    /** @return array<string, mixed> */
    private function list(DrillList $list): array
    {
        return [
            'id' => $list->id,
            'name' => $list->name,
            'items' => array_values(
                array_filter(
                    $list->items
                        ->map(function (DrillListItem $item): ?array {
                            $place = $this->places[(new CellKey($item->attack->code, $item->side))->text]
                            ?? ($this->places[(new CellKey($item->attack->code, Side::Written))->text] ?? null);

                            return $place === null
                                ? null
                                : [
                                    'cell' => $place,
                                    'differences' => $item->differencesText(''),
                                ];
                        })
                        ->all(),
                ),
            ),
        ];
    }
}
