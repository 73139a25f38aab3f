<?php

declare(strict_types=1);

namespace App\View\Tests;

use App\Models\Student;
use App\Models\Test;
use App\Persistence\CatalogueMapper;
use App\Persistence\WindowBook;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Session\Readiness;

/** What candidates of a test held after the last classes. */
final readonly class SeasonReal
{
    /** Classes that are looked back at. */
    private const CLASSES = 5;

    public function __construct(private CatalogueMapper $mapper) {}

    /** @return list<array{int, float}> seconds since 1970, and the share of what is asked for that was held */
    public function of(Test $test): array
    {
        $school = $test->school;
        $catalogue = $this->mapper->curriculum($school);
        $rank = $catalogue->rank($test->rank->code);
        $asked = Readiness::asked($catalogue, $rank);
        $now = CarbonImmutable::now();
        $past = $school
            ->classes()
            ->whereNull('cancelled_at')
            ->where('at', '<', $now)
            ->orderByDesc('at')
            ->limit(self::CLASSES)
            ->get(['at', 'minutes']);
        $book = new WindowBook($school, $catalogue);
        $real = [];
        foreach (
            [
                ...$past
                    ->reverse()
                    ->map(static fn ($class): CarbonImmutable => $class->endsAt()->min($now)),
                $now,
            ] as $at
        ) {
            $windows = $book->of(array_values($test->candidates->modelKeys()), $at);
            $held = 0;
            foreach ($test->candidates as $student) {
                assert($student instanceof Student);
                foreach ($asked as [$attack, $side]) {
                    $held += ($windows[$student->id][CellKey::of($attack, $side)->text] ?? null)?->holds(
                        $rank->goalRung,
                        $at,
                    ) === true
                        ? 1
                        : 0;
                }
            }
            $all = count($asked) * count($test->candidates);
            $real[] = [$at->getTimestamp(), $all === 0 ? 0.0 : $held / $all];
        }

        return $real;
    }
}
