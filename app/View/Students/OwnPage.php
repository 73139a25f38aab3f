<?php

declare(strict_types=1);

namespace App\View\Students;

use App\Models\Student;
use App\Models\Test;
use App\Models\TrainingClass;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\PreparationBook;
use App\Persistence\WindowBook;
use App\View\Ladder\ComingUp;
use App\View\Ladder\LadderDrawing;
use App\View\Ladder\LadderPicture;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student as CoreStudent;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Session\Readiness;

/**
 * A student's own page: what comes next, what fades, what is nearly there, and how the ladder stands. Nothing of
 * anybody else.
 */
final readonly class OwnPage
{
    /** Classes that are looked through at once for the next one. */
    private const CLASSES = 10;

    private Catalogue $catalogue;

    private CoreStudent $core;

    /** @var array<string, Window> by the cell's key */
    private array $windows;

    public LadderPicture $ladder;

    public ComingUp $coming;

    public LadderDrawing $drawing;

    /** @var array<string, int> by code */
    public array $attackIds;

    public function __construct(
        public Student $student,
        CatalogueMapper $mapper,
        CoverageBook $coverages,
        private CarbonImmutable $now,
    ) {
        $school = $student->school;
        $this->catalogue = $mapper->curriculum($school);
        $this->core = $mapper->student($student);
        $this->windows = (new WindowBook($school, $this->catalogue))->of([$student->id], $now)[$student->id];
        $this->ladder = new LadderPicture($this->catalogue, $this->core, $this->windows, $now);
        $this->coming = new ComingUp(
            $this->ladder,
            $coverages->poolOf($school, [$this->core], $now, app(PreparationBook::class)->until($school, $now)),
            $this->core,
            $this->windows,
            $now,
        );
        $this->drawing = new LadderDrawing($this->ladder);
        $this->attackIds = $school->attackIds();
    }

    public function nextClass(): ?TrainingClass
    {
        return $this->student->school
            ->classes()
            ->whereNull('cancelled_at')
            ->where('at', '>=', $this->now)
            ->orderBy('at')
            ->lazy(self::CLASSES)
            ->first(fn (TrainingClass $class): bool => $class->expected()->includes($this->core, $class->at));
    }

    /**
     * @return array{test: Test, ready: string}|null the next test that they are a candidate of, and how ready they are
     */
    public function nextTest(): ?array
    {
        $test = $this->student
            ->tests()
            ->whereNull('cancelled_at')
            ->where('at', '>=', $this->now)
            ->with('rank')
            ->orderBy('at')
            ->first();
        if ($test === null || ! $this->catalogueHas($test->rank->code)) {
            return null;
        }
        $catalogue = $this->core->isYouthOn($this->now) ? $this->catalogue->forYouth() : $this->catalogue;
        $chance = Readiness::of($catalogue, $catalogue->rank($test->rank->code), $this->windows, $this->now)->chance();

        return [
            'test' => $test,
            'ready' => $chance === null ? '' : __('students.own.ready', ['percent' => ReadyFor::percent($chance)]),
        ];
    }

    private function catalogueHas(string $rank): bool
    {
        return isset($this->catalogue->rankOrder()[$rank]);
    }
}
