<?php

declare(strict_types=1);

namespace App\View\Wall;

use App\Models\Rank;
use App\View\Spelling;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use StoneDrill\Core\Coverage\Aspect;

/** The form that shows a part of the wall, somebody's proof on it, or what has changed. */
final readonly class WallFilter
{
    private const ASPECTS = ['family', 'hand', 'bearing', 'place', 'build'];

    /** Weeks of a season. */
    private const SEASON = 13;

    /**
     * @param Collection<int, Rank> $ranks
     * @param array<int, string>    $students names by id
     */
    public function __construct(
        private WallQuery $query,
        private Collection $ranks,
        private array $students,
        private CarbonImmutable $today,
        private Spelling $spelling,
    ) {}

    /**
     * @return array<string, array{label: string, options: array<int|string, string>, value: int|string|null}> by name
     */
    public function fields(): array
    {
        $fields = [];
        foreach (self::ASPECTS as $name) {
            $values = Aspect::tryFrom($name)?->values() ?? [];
            $fields[$name] = [
                'label' => __('wall.filter.'.$name),
                'options' => ['' => __('words.any')] + array_combine(
                    $values,
                    $name === 'bearing' ? array_map($this->spelling->mark(...), $values) : $values,
                ),
                'value' => $this->query->selection->values[$name] ?? '',
            ];
        }
        $ranks = $this->ranks->pluck('name', 'code')->all();

        return [
            ...$fields,
            'from' => [
                'label' => __('wall.filter.from'),
                'options' => ['' => __('wall.filter.lowest')] + $ranks,
                'value' => $this->query->from(),
            ],
            'to' => [
                'label' => __('wall.filter.to'),
                'options' => ['' => __('wall.filter.highest')] + $ranks,
                'value' => $this->query->to(),
            ],
            'youth' => [
                'label' => __('wall.filter.youth'),
                'options' => ['' => __('wall.filter.grown-ups'), '1' => __('words.under-16')],
                'value' => $this->query->isYouth ? '1' : '',
            ],
            'student' => [
                'label' => __('wall.filter.student'),
                'options' => ['' => __('wall.filter.each-rank')] + $this->students,
                'value' => $this->query->student?->id,
            ],
            'against' => [
                'label' => __('wall.filter.against'),
                'options' => ['' => __('words.nobody')] + $this->students,
                'value' => $this->query->against?->id,
            ],
        ];
    }

    /** @return array<string, string> what stays as it is while others are chosen */
    public function kept(): array
    {
        return array_diff_key(
            $this->query->parameters(),
            array_flip([...self::ASPECTS, 'from', 'to', 'youth', 'student', 'against', 'since', 'page']),
        );
    }

    public function yesterday(): string
    {
        return $this->today->subDay()->toDateString();
    }

    public function sinceLastSeason(): string
    {
        return $this->url(['since' => $this->today->subWeeks(self::SEASON)->toDateString()]);
    }

    public function everything(): string
    {
        return route('wall', $this->query->asTable ? ['form' => 'table'] : [], absolute: false);
    }

    /** @return list<array{text: string, url: string}> what is shown, each with a way back */
    public function chips(): array
    {
        $chips = [];
        foreach ($this->query->selection->values as $aspect => $value) {
            $chips[] = ['text' => "{$aspect} {$value}", 'url' => $this->url([$aspect => null])];
        }
        if ($this->query->from() !== null || $this->query->to() !== null) {
            $name = fn (?string $code, string $else): string => $this->ranks->firstWhere('code', $code)->name
                ?? __('wall.filter.'.$else);
            $chips[] = [
                'text' => __('wall.filter.ranks', [
                    'from' => $name($this->query->from(), 'lowest'),
                    'to' => $name($this->query->to(), 'highest'),
                ]),
                'url' => $this->url(['from' => null, 'to' => null]),
            ];
        }
        if ($this->query->isYouth) {
            $chips[] = ['text' => __('words.under-16'), 'url' => $this->url(['youth' => null])];
        }
        if ($this->query->student !== null) {
            $text = __($this->query->against === null ? 'wall.filter.moss-of' : 'wall.filter.moss-of-two', [
                'name' => $this->query->student->name,
                'other' => $this->query->against->name ?? '',
            ]);
            $chips[] = ['text' => $text, 'url' => $this->url(['student' => null, 'against' => null])];
        }
        if ($this->query->since !== null) {
            $chips[] = [
                'text' => __('wall.filter.compared', ['day' => $this->query->since->format('j F Y')]),
                'url' => $this->url(['since' => null]),
            ];
        }

        return $chips;
    }

    /** @param array<string, ?string> $changed */
    private function url(array $changed): string
    {
        return route('wall', $this->query->parameters($changed), absolute: false);
    }
}
