<?php

declare(strict_types=1);

namespace App\View\Tests;

use App\Models\Solo;
use App\Models\SoloMark;
use App\Models\Student;
use App\Models\Test;
use App\Models\TestItem;
use App\Models\TestMark;
use App\Models\User;
use App\Persistence\SchoolMapper;
use Illuminate\Support\Collection;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Session\TestResult;
use StoneDrill\Core\Session\TestRule;
use StoneDrill\Core\Solo\Mark;

/** How one candidate did in a test: what each examiner marked, where they differ, and what follows by the rule. */
final readonly class TestSheet
{
    /** @var array<int, array<int, Collection<int, TestMark>>> by id of the item, then the attempt */
    private array $marks;

    /** @var array<int, Collection<int, SoloMark>> by id of the basic or form: the last mark of each examiner */
    private array $soloMarks;

    public TestResult $result;

    /**
     * @param Collection<int, TestMark> $marks     of the candidate
     * @param Collection<int, SoloMark> $soloMarks of the candidate in this test, the latest first
     */
    public function __construct(public Test $test, public Student $student, Collection $marks, Collection $soloMarks)
    {
        $this->marks = $marks
            ->groupBy(['test_item_id', 'attempt'])
            ->map(static fn (Collection $of): array => $of->all())
            ->all();
        $this->soloMarks = $soloMarks
            ->groupBy('solo_id')
            ->map(static fn (Collection $of): Collection => $of->unique('marked_by_id')->values())
            ->all();
        $this->result = TestRule::judge(
            array_values(
                $test->items
                    ->map(fn (TestItem $item): array => [$item->attack->critical, $this->outcome($item)])
                    ->all(),
            ),
            array_values($test->solos->map($this->markOf(...))->all()),
            SchoolMapper::proofStandard($test->school),
        );
    }

    public static function of(Test $test, Student $student): self
    {
        $test->loadMissing('items.attack', 'solos');

        return new self(
            $test,
            $student,
            $test->marks()->where('student_id', $student->id)->with('examiner')->get(),
            $test->soloMarks()->where('student_id', $student->id)->with('markedBy')->get(),
        );
    }

    /** How it went at last, once the examiners agree or it is settled. */
    public function outcome(TestItem $item): ?Outcome
    {
        return $this->outcomeOf($item, $this->attempt($item));
    }

    public function outcomeOf(TestItem $item, int $attempt): ?Outcome
    {
        $marks = $this->marksOf($item, $attempt);
        $settled = $marks->firstWhere('settles', true);
        $said = $marks->pluck('outcome')->unique();

        return $settled === null ? ($said->count() === 1 ? $said->first() : null) : $settled->outcome;
    }

    /** Whether examiners have seen it differently, and nobody has settled it. */
    public function differs(TestItem $item): bool
    {
        return $this->marksOf($item, $this->attempt($item))->isNotEmpty() && $this->outcome($item) === null;
    }

    /** @return list<TestItem> that are to be settled */
    public function differing(): array
    {
        return array_values($this->test->items->filter($this->differs(...))->all());
    }

    /** The last time that it was shown; 1 where it was not yet. */
    public function attempt(TestItem $item): int
    {
        return max([1, ...$this->attempts($item)]);
    }

    /** @return list<int> times that it was shown, each by its number */
    public function attempts(TestItem $item): array
    {
        $attempts = array_keys($this->marks[$item->id] ?? []);
        sort($attempts);

        return $attempts;
    }

    /** @return Collection<int, TestMark> */
    public function marksOf(TestItem $item, int $attempt): Collection
    {
        return $this->marks[$item->id][$attempt] ?? new Collection();
    }

    /** What an examiner has marked of the last time that it was shown. */
    public function own(TestItem $item, User $examiner): ?TestMark
    {
        return $this->marksOf($item, $this->attempt($item))
            ->where('settles', false)
            ->firstWhere('examiner_id', $examiner->id);
    }

    /** Who said what of it, in words. */
    public function said(TestItem $item): string
    {
        return $this->marksOf($item, $this->attempt($item))
            ->map(
                static fn (TestMark $mark): string => __($mark->settles ? 'tests.settled' : 'tests.said', [
                    'name' => $mark->examiner->name ?? __('words.somebody-who-left'),
                    'outcome' => __('proof.outcome-names.'.$mark->outcome->value),
                ]).($mark->remark === '' ? '' : " ({$mark->remark})"),
            )
            ->implode('; ');
    }

    /** How a basic or a form was done, as the examiner saw it who saw the least; null where nobody has. */
    public function markOf(Solo $solo): ?Mark
    {
        $marks = array_values(
            ($this->soloMarks[$solo->id] ?? new Collection())
                ->map(static fn (SoloMark $mark): Mark => $mark->mark)
                ->all(),
        );

        return $marks === [] ? null : Mark::least($marks);
    }

    /** What an examiner has marked of a basic or a form. */
    public function ownSolo(Solo $solo, User $examiner): ?SoloMark
    {
        return ($this->soloMarks[$solo->id] ?? new Collection())->firstWhere('marked_by_id', $examiner->id);
    }

    /** Who marked a basic or a form how, in words. */
    public function saidOfSolo(Solo $solo): string
    {
        return ($this->soloMarks[$solo->id] ?? new Collection())
            ->map(
                static fn (SoloMark $mark): string => __('tests.said', [
                    'name' => $mark->markedBy->name ?? __('words.somebody-who-left'),
                    'outcome' => __("solos.marks.{$mark->mark->value}"),
                ]),
            )
            ->implode('; ');
    }

    public function isMarked(): bool
    {
        return $this->marks !== [] || $this->soloMarks !== [];
    }

    /** What follows by the rule, in words. */
    public function text(): string
    {
        if (! $this->isMarked()) {
            return __('tests.unmarked');
        }

        return __($this->result->isPassed ? 'tests.would-pass' : 'tests.would-not', [
            'percent' => round(100 * $this->result->share),
            'retest' => trans_choice('tests.to-show', count($this->result->retest) + count($this->result->solos)),
            'untested' => count($this->result->untested),
            'critical' => count($this->result->critical),
        ]);
    }

    /** @return list<string> titles of what is to be shown again */
    public function retest(): array
    {
        $items = $this->test->items
            ->values()
            ->filter(fn (TestItem $item, int $place): bool => in_array($place, $this->result->retest, true))
            ->map(static fn (TestItem $item): string => $item->title());
        $solos = $this->test->solos
            ->values()
            ->filter(fn (Solo $solo, int $place): bool => in_array($place, $this->result->solos, true))
            ->map(static fn (Solo $solo): string => $solo->name);

        return [...array_values($items->all()), ...array_values($solos->all())];
    }
}
