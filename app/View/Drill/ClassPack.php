<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\Models\School;
use App\Models\TrainingClass;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\Revision;
use App\Persistence\RevisionCache;
use App\View\Classes\ClassPage;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\Round;

/**
 * The classes around now as a device takes them along, so that they run without a network: minutes, what is taught,
 * partners.
 */
final readonly class ClassPack
{
    /** Hours before its beginning, and after it, in which a class can be run. */
    private const BEFORE = 24;

    private const AFTER = 6;

    /** Seconds for which a plan is kept while nothing but reps comes. */
    private const HOLDS = 600;

    public function __construct(
        private School $school,
        private CatalogueMapper $mapper,
        private CoverageBook $coverages,
        private RevisionCache $kept,
    ) {}

    /** @return list<array<string, mixed>> */
    public function of(CarbonImmutable $now): array
    {
        $classes = $this->school
            ->classes()
            ->whereNull('cancelled_at')
            ->whereBetween('at', [$now->subHours(self::AFTER), $now->addHours(self::BEFORE)])
            ->orderBy('at')
            ->get();
        $revision = Revision::ofAllButReps($this->school);

        return array_values(
            $classes
                ->map(
                    fn (TrainingClass $class): array => $this->kept->of(
                        "class-pack:{$class->id}",
                        "{$revision} {$class->plannedUntil($now)->getTimestamp()}",
                        self::HOLDS,
                        fn (): array => $this->pack(
                            new ClassPage(
                                $class->setRelation('school', $this->school),
                                $this->mapper,
                                $this->coverages,
                            ),
                        ),
                    ),
                )
                ->all(),
        );
    }

    /** @return array<string, mixed> students are named by the ids of their rows */
    private function pack(ClassPage $page): array
    {
        $ids = $page->students->pluck('id', 'code')->all();

        return [
            'id' => $page->class->id,
            'title' => __('mat.class.title', [
                'time' => school_time($page->class->at, 'H:i'),
                'place' => $page->class->place,
            ]),
            'attendance' => route('mat.attendance', $page->class, absolute: false),
            'places' => $page->class->places,
            'stepsIn' => $page->class->steps_in,
            'page' => route('classes.show', $page->class, absolute: false),
            'blocks' => array_map(
                static fn (Block $block): array => [
                    'kind' => $block->kind->value,
                    'name' => say($block->kind->text()),
                    'minutes' => $block->minutes,
                ],
                $page->blocks,
            ),
            'planned' => array_values($ids),
            'here' => array_values($page->class->present()->pluck('students.id')->all()),
            'groups' => array_map(
                static fn (array $group): array => [
                    'names' => $group['names'],
                    'taught' => array_column($group['taught'], 'title'),
                ],
                $page->groups(),
            ),
            'basics' => $page->basics(),
            'home' => $page->home()->rows,
            'attacks' => $this->drilled($page),
            'each' => [
                'drill' => $page->repsEach(BlockKind::Drill),
                'pressure' => $page->repsEach(BlockKind::Pressure),
            ],
            'rounds' => [
                'drill' => $this->rounds($page, BlockKind::Drill, $ids),
                'pressure' => $this->rounds($page, BlockKind::Pressure, $ids),
            ],
            'against' => $page->against(),
            'apart' => [
                'drill' => $page->plan->practice['drill']->hurts ?? true,
                'pressure' => $page->plan->practice['pressure']->hurts ?? true,
            ],
        ];
    }

    /**
     * Who works together in each round: the one who attacks first, the one who defends, and a third who records.
     *
     * @param array<string, int> $ids
     *
     * @return list<list<list<int>>>
     */
    private function rounds(ClassPage $page, BlockKind $kind, array $ids): array
    {
        $together = static fn (Round $round): array => [
            ...array_map(
                static fn (int $place, array $pair): array => array_map(static fn (string $id): int => $ids[$id], [
                    ...$pair,
                    ...array_filter([$round->three === $place ? $round->over : null]),
                ]),
                array_keys($round->pairs),
                $round->pairs,
            ),
            ...array_map(
                static fn (string $id): array => [$ids[$id]],
                $round->three === null ? array_filter([$round->over]) : [],
            ),
        ];

        return array_map(
            static fn (array $circles): array => array_merge(...array_map($together, $circles)),
            $page->plan?->roundsIn($kind) ?? [],
        );
    }

    /** @return list<int> ids of the rows of attacks that are drilled: those that its answers were written for */
    private function drilled(ClassPage $page): array
    {
        $attacks = array_map(
            static fn (string $code): string => $page->catalogue->answer($code)->attack,
            $page->plan?->drilled() ?? [],
        );

        return array_values($this->school->attacks->whereIn('code', $attacks)->pluck('id')->all());
    }
}
