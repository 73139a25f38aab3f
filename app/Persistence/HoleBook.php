<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Jobs\FindHoles;
use App\Jobs\Workers;
use App\Models\School;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Fewest;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\HoleFinder;
use StoneDrill\Core\Coverage\RunCache;
use StoneDrill\Core\Coverage\Widener;
use StoneDrill\Core\Coverage\Works;
use StoneDrill\Core\Curriculum\Catalogue;

/**
 * Every hole of a school, worked out anew when anything they hang on changes and kept until then. What has not changed
 * is not run again.
 */
final readonly class HoleBook
{
    private const SECONDS = 7 * 86_400;

    /** Seconds for which it is known how far a job has come. */
    private const SHARE_SECONDS = 300;

    /** Percent after which it is told again. */
    private const STEP = 5;

    /**
     * Pairs of answer and cell beyond which no answer is tried at near attacks, which takes a run for any two sizes.
     */
    private const MAX_WIDENED = 1_000_000;

    public function __construct(
        private CatalogueMapper $mapper,
        private ProofBook $proof,
        private CoverageBook $coverages,
        private RunBook $runs,
        private RevisionCache $kept,
    ) {}

    /**
     * What they hang on, another name as soon as it changes: proof ages by the day; of the reps it is who holds what.
     */
    public function mark(School $school): string
    {
        return implode(' ', [
            Revision::ofCurriculum($school),
            $this->proof->fingerprint($school),
            CarbonImmutable::now()->toDateString(),
        ]);
    }

    /** @return list<Hole>|null null while they are not worked out */
    public function known(School $school): ?array
    {
        return $this->kept->known("holes:{$school->id}", $this->mark($school));
    }

    /** Whether they are worked out, without reading them. */
    public function areKnown(School $school): bool
    {
        return $this->kept->known("holes-known:{$school->id}", $this->mark($school)) === true;
    }

    /** @return list<Hole> */
    public function of(School $school): array
    {
        $revision = $this->mark($school);
        $holes = $this->kept->of("holes:{$school->id}", $revision, self::SECONDS, fn (): array => $this->find($school));
        if (! $this->areKnown($school)) {
            $this->kept->keep("holes-known:{$school->id}", $revision, self::SECONDS, true);
        }

        return $holes;
    }

    /**
     * What is worked out; where nothing is, a job is asked for it. With nobody to do it, it is worked out here.
     *
     * @return list<Hole>|null null while a job is at it
     */
    public function asked(School $school): ?array
    {
        if ($this->known($school) === null) {
            Aside::keep(static fn () => Workers::queue(new FindHoles($school->id)));
        }

        return $this->known($school) ?? (Workers::areAway() ? $this->of($school) : null);
    }

    /** Percent of the walls' cells that a job has looked at just now. */
    public function share(School $school): int
    {
        return (int) $this->kept->latest("holes-share:{$school->id}");
    }

    /** Remembers that working them out has failed, until somebody was told. */
    public function markFailed(School $school): void
    {
        $this->kept->keep("holes-failed:{$school->id}", $this->mark($school), self::SECONDS, true);
    }

    /** Whether working them out has failed; told once, so that whoever asks again has it tried again. */
    public function tellFailed(School $school): bool
    {
        $hasFailed = $this->kept->known("holes-failed:{$school->id}", $this->mark($school)) === true;
        if ($hasFailed) {
            $this->kept->keep("holes-failed:{$school->id}", $this->mark($school), self::SECONDS, false);
        }

        return $hasFailed;
    }

    /**
     * The holes as they would be with other answers.
     *
     * @param Catalogue $now  what the school teaches
     * @param Catalogue $then the same with other answers
     *
     * @return list<Hole>
     */
    public function after(School $school, Catalogue $now, Catalogue $then): array
    {
        $before = Coverage::known($now, $this->coverages->of($school)->worksFrom(), $this->of($school));
        $memory = $this->runs->of($school);
        $holes = $before->after($then, $this->finder($school, $then, $memory))->holes;
        // It asks for a part only: what the holes will ask for again stays.
        $this->runs->keep($school, $memory->all());

        return $holes;
    }

    /**
     * The fewest answers with which a rank covers a share of what it needs.
     *
     * @param string $rank  id
     * @param float  $share 0 to 1
     */
    public function fewest(School $school, Catalogue $curriculum, string $rank, float $share): Fewest
    {
        $memory = $this->runs->of($school);
        $fewest = Fewest::of(
            $curriculum,
            $rank,
            $share,
            $this->widener($curriculum, $memory),
            new Works($curriculum, $memory),
        );
        // It asks for a part only: what the holes will ask for again stays.
        $this->runs->keep($school, $memory->all());

        return $fewest;
    }

    /** @return list<Hole> */
    private function find(School $school): array
    {
        $catalogue = $this->mapper->curriculum($school);
        $cells = $this->coverages->of($school)->cells;
        $memory = $this->runs->of($school);
        $progress = new Progress(
            count($cells),
            function (int $percent) use ($school): void {
                $this->kept->keep("holes-share:{$school->id}", '', self::SHARE_SECONDS, $percent);
            },
            self::STEP,
        );
        $holes = $this->finder($school, $catalogue, $memory)->find($cells, $progress->add(...));
        $this->kept->keep("holes-share:{$school->id}", '', self::SHARE_SECONDS, 0);
        $this->runs->keep($school, $memory->kept());

        return $holes;
    }

    private function finder(School $school, Catalogue $catalogue, RunCache $memory): HoleFinder
    {
        return HoleFinder::whole($catalogue, $memory, $this->widener($catalogue, $memory), $this->proof->of($school));
    }

    /** Whether a catalogue is so large that widening an answer is not among the moves. */
    public static function isLarge(Catalogue $catalogue): bool
    {
        return 2 * count($catalogue->attacks) * count($catalogue->answers) > self::MAX_WIDENED;
    }

    private function widener(Catalogue $catalogue, RunCache $memory): ?Widener
    {
        return self::isLarge($catalogue) ? null : new Widener($catalogue, $memory);
    }
}
