<?php

declare(strict_types=1);

namespace App\View\Home;

use App\Models\Footage;
use App\Models\FootageState;
use App\Models\Rep;
use App\Models\School;
use App\Models\Solo;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\HomeBook;
use App\Persistence\SoloBook;
use App\View\Floor\Palette;
use App\View\Footage\FootageItem;
use App\View\Solos\SoloPage;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Session\HomeItem;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Notation\Printer;

/** What a student practises alone in a week: the same from Monday to Sunday, whatever is recorded meanwhile. */
final readonly class HomeWeek
{
    /** Mistakes that are named of an answer. */
    private const MISTAKES = 3;

    /** Basics and forms of a week. */
    private const SOLOS = 3;

    public CarbonImmutable $monday;

    /** @var list<HomeItem> */
    public array $items;

    /** @var list<Rung> at which it can be counted aloud: up to the goal */
    public array $rungs;

    /** @var list<SoloPage> basics and forms that are due, as they are done */
    public array $solos;

    private float $stature;

    private Printer $printer;

    /** @var array<string, int> times in this week, by the code of the answer */
    private array $done;

    /** @var array<int, int> times in this week, by the id of the basic or the form */
    private array $practised;

    /** @var Collection<int, Footage> of what is on the sheet */
    private Collection $footage;

    /**
     * @param ?SoloBook $book    of the school, where it is at hand
     * @param Palette   $palette of the drawings
     */
    public function __construct(
        public Student $student,
        CatalogueMapper $mapper,
        CarbonImmutable $now,
        ?SoloBook $book = null,
        Palette $palette = Palette::Slate,
    ) {
        $school = $student->school;
        $this->monday = $school->weekOf($now);
        $catalogue = $mapper->curriculum($school);
        $this->items = app(HomeBook::class)->of($school, collect([$student]), $this->monday)[$student->id];
        $this->rungs = array_values(
            array_filter(
                $catalogue->ladder->rungs,
                static fn (Rung $rung): bool => $rung->id <= $student->rank->goal_rung,
            ),
        );
        $this->printer = new Printer($catalogue->school->vocabulary());
        $this->stature = $student->height ?? $catalogue->school->statures->typical();
        $this->solos = array_values(
            ($book?->at($this->monday) ?? new SoloBook($school, $this->monday))
                ->read([$student->id])
                ->due($student)
                ->take(self::SOLOS)
                ->map(static fn (Solo $solo): SoloPage => new SoloPage(
                    $solo->setRelation('school', $school),
                    $mapper,
                    $palette,
                ))
                ->all(),
        );
        $this->done = $school
            ->reps()
            ->where('student_id', $student->id)
            ->where('source', Source::Home)
            ->where('at', '>=', $this->monday->utc())
            ->with('answer')
            ->get()
            ->countBy(static fn (Rep $rep): string => $rep->answer->code ?? '')
            ->all();
        $this->practised = $student
            ->practices()
            ->where('at', '>=', $this->monday->utc())
            ->get()
            ->countBy('solo_id')
            ->all();
        $this->footage = self::footageOf(
            $school,
            array_column(array_column($this->items, 'answer'), 'id'),
            array_map(static fn (SoloPage $page): int => $page->solo->id, $this->solos),
        );
    }

    /**
     * @param list<string> $answers codes
     * @param list<int>    $solos   ids
     *
     * @return Collection<int, Footage> those that everybody may see
     */
    private static function footageOf(School $school, array $answers, array $solos): Collection
    {
        return Footage::query()
            ->where('school_id', $school->id)
            ->where('state', FootageState::Ready)
            ->where(
                static fn (Builder $any): Builder => $any
                    ->whereIn('solo_id', $solos)
                    ->orWhereIn('answer_id', $school->answers()->whereIn('code', $answers)->select('id')),
            )
            ->with('answer', 'solo', 'attack', 'students')
            ->orderBy('id')
            ->get()
            ->reject(static fn (Footage $one): bool => $one->isWithheld())
            ->values();
    }

    /** @return list<FootageItem> pictures and clips of an answer, or of a basic or a form */
    public function footage(HomeItem|SoloPage $of): array
    {
        $isOf = static fn (Footage $one): bool => $of instanceof HomeItem
            ? $one->answer?->code === $of->answer->id
            : $one->solo_id === $of->solo->id;

        return array_values(
            $this->footage->filter($isOf)->map(static fn (Footage $one): FootageItem => new FootageItem($one))->all(),
        );
    }

    public function shows(Footage $footage): bool
    {
        return $this->footage->contains($footage);
    }

    public function isEmpty(): bool
    {
        return $this->items === [] && $this->solos === [];
    }

    /** The week in words. */
    public function title(): string
    {
        return __('home.week', [
            'from' => $this->monday->format('j M'),
            'to' => $this->monday->addDays(6)->format('j M Y'),
        ]);
    }

    /** @return list<array{text: string, note: string, seconds: float}> beats with how long each takes at full pace */
    public function beats(HomeItem $item): array
    {
        return array_map(
            fn (Beat $beat): array => [
                'text' => $this->printer->actions($beat),
                'note' => $beat->cue() ?? ($beat->note ?? ''),
                'seconds' => round($beat->seconds(), 2),
            ],
            $item->beats->line,
        );
    }

    public function why(HomeItem $item): string
    {
        return $item->tries === 0
            ? __('home.untried')
            : trans_choice('home.weak', $item->tries, ['lower' => number_format($item->lower, 2)]);
    }

    /** Where the strikes go on one's own wall. */
    public function targets(HomeItem $item): string
    {
        return implode(
            ', ',
            array_map(
                static fn (array $target): string => __('home.target', [
                    'target' => $target[0]->value,
                    'cm' => $target[1],
                ]),
                $item->targets($this->stature),
            ),
        );
    }

    /** @return list<string> */
    public function mistakes(HomeItem $item): array
    {
        return array_slice(array_column($item->answer->teaching->mistakes, 'text'), 0, self::MISTAKES);
    }

    public function done(HomeItem $item): int
    {
        return $this->done[$item->answer->id] ?? 0;
    }

    public function practised(SoloPage $page): int
    {
        return $this->practised[$page->solo->id] ?? 0;
    }

    /** The basic or form of this id, where it is on the sheet. */
    public function solo(string $id): ?Solo
    {
        return array_find($this->solos, static fn (SoloPage $page): bool => (string) $page->solo->id === $id)?->solo;
    }

    public function item(string $answer): ?HomeItem
    {
        return array_find($this->items, static fn (HomeItem $item): bool => $item->answer->id === $answer);
    }
}
