<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\Models\School;
use App\Models\Student;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\ForWhom;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Stride;

/**
 * For whom an answer works: sizes of defenders down, of attackers across; and the school's students against an
 * attacker.
 */
final readonly class ForWhomTable
{
    private Examiner $examiner;

    /** @var array<string, float> sizes, the smallest first */
    public array $sizes;

    /** @var list<array{name: string, metres: string, cells: list<array<string, string>>}> */
    public array $rows;

    /**
     * @var list<array{name: string, metres: string, cells: list<array<string, string>>}> students whose stature is
     *     known
     */
    public array $students;

    public function __construct(Catalogue $catalogue, private Meeting $meeting, School $school)
    {
        $this->examiner = new Examiner(Standards::of($catalogue));
        $sizes = $meeting->settings->sizes;
        asort($sizes);
        $this->sizes = $sizes;
        $this->rows = array_map($this->row(...), array_map(strval(...), array_keys($sizes)), array_values($sizes));
        $students = $school->students()->whereNotNull('height')->reorder('height')->get();
        $this->students = array_values(
            $students->map(fn (Student $student): array => $this->row($student->name, (float) $student->height))->all(),
        );
    }

    /** @return array{name: string, metres: string, cells: list<array<string, string>>} */
    private function row(string $name, float $defender): array
    {
        return [
            'name' => $name,
            'metres' => number_format($defender, 2),
            'cells' => array_map(
                fn (float $attacker): array => $this->cell($defender, $attacker),
                array_values($this->sizes),
            ),
        ];
    }

    /** @return array<string, string> */
    private function cell(float $defender, float $attacker): array
    {
        $found = ForWhom::in($this->meeting->examined($this->examiner, new Bodies($defender, $attacker)));
        $state = match (true) {
            $found->failure !== null => 'fails',
            $found->isClose() => 'close',
            default => 'works',
        };
        $centimetres = $found->worst === null ? '' : sprintf('%+d', (int) round(100 * $found->worst));

        return [
            'state' => $state,
            'mark' => __("floor.whom.marks.{$state}"),
            'figure' => match (true) {
                $state !== 'works' && $found->worst !== null && $found->worst < 0 => $centimetres,
                $found->failure !== null => __('floor.whom.at', ['beat' => $found->failure->beat]),
                default => '',
            },
            'defender' => number_format($defender, 2),
            'attacker' => number_format($attacker, 2),
            'why' => match ($state) {
                'fails' => __('floor.whom.fails', [
                    'beat' => $found->failure?->beat,
                    'message' => $found->failure === null ? '' : say($found->failure->message),
                ]),
                'close' => __('floor.whom.close', ['cm' => ltrim($centimetres, '-')]),
                default => __('floor.whom.works'),
            },
            'steps' => implode(
                ', ',
                array_map(static fn (array $step): string => self::step(...$step), $found->strides),
            ),
        ];
    }

    private static function step(string $beat, Stride $stride): string
    {
        return __('floor.whom.step', ['beat' => $beat, 'cm' => $stride->centimetres()]);
    }
}
