<?php

declare(strict_types=1);

namespace App\View\Tests;

use App\Models\Student;
use App\Models\Test;
use App\Models\TestItem;
use App\Models\TestMark;
use App\Models\User;
use Illuminate\Support\Collection;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Session\TestResult;
use StoneDrill\Core\Session\TestRule;

/** How one candidate did in a test: what each examiner marked, where they differ, and what follows by the rule. */
final readonly class TestSheet
{
    /** @var array<int, array<int, Collection<int, TestMark>>> by id of the item, then the attempt */
    private array $marks;

    public TestResult $result;

    /** @param Collection<int, TestMark> $marks of the candidate */
    public function __construct(public Test $test, public Student $student, Collection $marks)
    {
        $this->marks = $marks->groupBy(['test_item_id', 'attempt'])->map(static fn (Collection $of): array => $of->all())->all();
        $this->result = TestRule::judge(array_values($test->items->map(fn (TestItem $item): array => [$item->attack->critical, $this->outcome($item)])->all()));
    }

    public static function of(Test $test, Student $student): self
    {
        $test->loadMissing('items.attack');

        return new self($test, $student, $test->marks()->where('student_id', $student->id)->with('examiner')->get());
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
        return max([1, ...array_keys($this->marks[$item->id] ?? [])]);
    }

    /** @return Collection<int, TestMark> */
    public function marksOf(TestItem $item, int $attempt): Collection
    {
        return $this->marks[$item->id][$attempt] ?? new Collection();
    }

    /** What an examiner has marked of the last time that it was shown. */
    public function own(TestItem $item, User $examiner): ?TestMark
    {
        return $this->marksOf($item, $this->attempt($item))->where('settles', false)->firstWhere('examiner_id', $examiner->id);
    }

    /** Who said what of it, in words. */
    public function said(TestItem $item): string
    {
        return $this->marksOf($item, $this->attempt($item))->map(static fn (TestMark $mark): string => __($mark->settles ? 'tests.settled' : 'tests.said', [
            'name' => $mark->examiner->name ?? __('words.somebody-who-left'),
            'outcome' => __('proof.outcome-names.'.$mark->outcome->value),
        ]).($mark->remark === '' ? '' : " ({$mark->remark})"))->implode('; ');
    }

    public function isMarked(): bool
    {
        return $this->marks !== [];
    }

    /** What follows by the rule, in words. */
    public function text(): string
    {
        if (! $this->isMarked()) {
            return __('tests.unmarked');
        }

        return __($this->result->isPassed ? 'tests.would-pass' : 'tests.would-not', [
            'percent' => round(100 * $this->result->share),
            'retest' => trans_choice('tests.to-show', count($this->result->retest)),
            'untested' => count($this->result->untested),
            'critical' => count($this->result->critical),
        ]);
    }

    /** @return list<string> titles of what is to be shown again */
    public function retest(): array
    {
        return array_values($this->test->items->values()->filter(fn (TestItem $item, int $place): bool => in_array($place, $this->result->retest, true))->map(static fn (TestItem $item): string => $item->title())->all());
    }
}
