<?php

declare(strict_types=1);

namespace App\View\Tests;

use App\Models\Student;
use App\Models\Test;
use App\Models\TestItem;
use App\Persistence\CatalogueMapper;
use App\Persistence\WindowBook;
use App\View\Students\ReadyFor;
use StoneDrill\Core\Session\Readiness;

/** A test as it is shown: what it asks for, and of each candidate how ready they are before it and how it went. */
final readonly class TestPage
{
    /** @var list<array{student: Student, ready: string, most: string, state: string}> */
    public array $rows;

    public function __construct(public Test $test, CatalogueMapper $mapper)
    {
        $school = $test->school;
        $test->load('items.attack', 'solos', 'candidates.rank', 'rank');
        $catalogue = $mapper->curriculum($school);
        $rank = $catalogue->rank($test->rank->code);
        $windows = (new WindowBook($school, $catalogue))->of(array_values($test->candidates->modelKeys()), $test->at);
        $marks = $test->marks()->with('examiner')->get()->groupBy('student_id');
        $soloMarks = $test->soloMarks()->with('markedBy')->get()->groupBy('student_id');
        $this->rows = array_values(
            $test->candidates
                ->map(static function (Student $student) use (
                    $test,
                    $catalogue,
                    $rank,
                    $windows,
                    $marks,
                    $soloMarks,
                ): array {
                    $readiness = Readiness::of(
                        $student->isYouth($test->at) ? $catalogue->forYouth() : $catalogue,
                        $rank,
                        $windows[$student->id],
                        $test->at,
                    );
                    $chance = $readiness->chance();
                    $pivot = $student->getRelation('pivot');

                    return [
                        'student' => $student,
                        'ready'
                            => $chance === null ? '–' : __('tests.chance', ['percent' => ReadyFor::percent($chance)]),
                        'most' => implode(
                            '; ',
                            array_map(
                                static fn (array $one): string => sided($one[0]->attack->title, $one[0]->side)
                                    .' +'
                                    .ReadyFor::percent($one[1])
                                    .' %',
                                $readiness->most(),
                            ),
                        ),
                        'state' => self::state(
                            $pivot->getAttribute('result'),
                            $pivot->getAttribute('retest_on'),
                            new TestSheet(
                                $test,
                                $student,
                                $marks[$student->id] ?? collect(),
                                $soloMarks[$student->id] ?? collect(),
                            ),
                        ),
                    ];
                })
                ->all(),
        );
    }

    private static function state(?string $result, ?string $retestOn, TestSheet $sheet): string
    {
        return match ($result) {
            'passed' => __('tests.states.passed'),
            'retest' => __('tests.states.retest', ['items' => implode('; ', $sheet->retest())])
                .($retestOn === null
                    ? ''
                    : ' '.__('tests.states.on', ['day' => date('j M Y', (int) strtotime($retestOn))])),
            default => $sheet->text(),
        };
    }

    /** How many items, basics and forms it asks for. */
    public function asks(): int
    {
        return $this->test->items->count() + $this->test->solos->count();
    }

    /** @return list<array{title: string, rung: int, critical: bool}> */
    public function items(): array
    {
        return array_values(
            $this->test->items
                ->map(
                    static fn (TestItem $item): array => [
                        'title' => $item->title(),
                        'rung' => $item->rung,
                        'critical' => $item->attack->critical,
                    ],
                )
                ->all(),
        );
    }
}
