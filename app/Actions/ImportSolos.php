<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\School;
use App\Models\SoloMark;
use App\Models\SoloPractice;
use App\Models\User;
use App\Persistence\ImportReport;
use App\Persistence\RowSync;
use App\Persistence\SoloMapper;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Solo\Basic;
use StoneDrill\Core\Solo\Mark;
use StoneDrill\Core\Solo\Practice;
use StoneDrill\Core\Solo\SoloForm;
use StoneDrill\Core\Solo\SoloMark as CoreMark;

/** Brings basics, forms and marks of a file into a school. A mark of the same moment that is there already stays. */
final readonly class ImportSolos
{
    private const CHUNK = 500;

    public function __construct(private RowSync $rows, private ImportReport $report) {}

    /**
     * @param array<string, int> $ranks    ids of the rows by code
     * @param array<string, int> $students
     *
     * @return array{basic: array<string, int>, form: array<string, int>} ids of the rows by code
     */
    public function import(SchoolFile $file, School $school, array $ranks, array $students, ?User $by): array
    {
        $basics = $this->rows->sync(
            'basics',
            $school->basics(),
            'code',
            array_map(static fn (Basic $basic): array => SoloMapper::basicColumns($basic, $ranks), $file->basics),
            $by,
        );
        $forms = $this->rows->sync(
            'forms',
            $school->forms(),
            'code',
            array_map(static fn (SoloForm $form): array => SoloMapper::formColumns($form, $ranks), $file->forms),
            $by,
        );
        $there = SoloMark::query()
            ->where('school_id', $school->id)
            ->toBase()
            ->get(['solo_id', 'student_id', 'at'])
            ->map(
                static fn (object $row): string => self::key(
                    (int) $row->solo_id,
                    (int) $row->student_id,
                    CarbonImmutable::parse($row->at),
                ),
            )
            ->flip();
        $new = [];
        foreach ($file->marks as $mark) {
            [$solo, $student, $at] = [
                $mark->form === '' ? $basics[$mark->basic] : $forms[$mark->form],
                $students[$mark->student],
                CarbonImmutable::instance($mark->at)->utc(),
            ];
            if (! isset($there[self::key($solo, $student, $at)])) {
                $new[] = self::columns($mark, $school, $solo, $student, $at, $by);
            }
        }
        foreach (array_chunk($new, self::CHUNK) as $chunk) {
            SoloMark::query()->insert($chunk);
        }
        if ($file->marks !== []) {
            $this->report->add('marks', count($new), count($file->marks) - count($new));
        }

        $this->practised($file->practised, $school, ['basic' => $basics, 'form' => $forms], $students);

        return ['basic' => $basics, 'form' => $forms];
    }

    /**
     * @param list<Practice>                                                  $practised
     * @param array{basic: array<string, int>, form: array<string, int>} $solos    ids of the rows by code
     * @param array<string, int>                                              $students
     */
    private function practised(array $practised, School $school, array $solos, array $students): void
    {
        $there = SoloPractice::query()
            ->where('school_id', $school->id)
            ->get()
            ->map(static fn (SoloPractice $row): string => self::key($row->solo_id, $row->student_id, $row->at))
            ->flip();
        $new = [];
        foreach ($practised as $one) {
            [$solo, $student, $at] = [
                $one->form === '' ? $solos['basic'][$one->basic] : $solos['form'][$one->form],
                $students[$one->student],
                CarbonImmutable::instance($one->at)->utc(),
            ];
            if (! isset($there[self::key($solo, $student, $at)])) {
                $new[] = [
                    'id' => (string) Str::uuid(),
                    'school_id' => $school->id,
                    'solo_id' => $solo,
                    'student_id' => $student,
                    'at' => $at->format('Y-m-d H:i:s.uP'),
                ];
            }
        }
        foreach (array_chunk($new, self::CHUNK) as $chunk) {
            SoloPractice::query()->insert($chunk);
        }
        if ($practised !== []) {
            $this->report->add('practised', count($new), count($practised) - count($new));
        }
    }

    /** @return array<string, mixed> raw columns */
    private static function columns(
        CoreMark $mark,
        School $school,
        int $solo,
        int $student,
        CarbonImmutable $at,
        ?User $by,
    ): array {
        $beats = array_map(static fn (Mark $one): string => $one->value, $mark->beats);

        return [
            'school_id' => $school->id,
            'solo_id' => $solo,
            'student_id' => $student,
            'marked_by_id' => $by?->id,
            'mark' => $mark->mark->value,
            'mistakes' => json_encode($mark->mistakes, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            'beats' => json_encode((object) $beats, JSON_THROW_ON_ERROR),
            'at' => $at->format('Y-m-d H:i:s.uP'),
        ];
    }

    private static function key(int $solo, int $student, CarbonImmutable $at): string
    {
        return "{$solo} {$student} {$at->getTimestamp()}";
    }
}
