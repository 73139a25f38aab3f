<?php

declare(strict_types=1);

namespace App\View\Footage;

use App\Models\Answer;
use App\Models\Attack;
use App\Models\Footage;
use App\Models\FootageState;
use App\Models\Solo;
use App\Models\Student;

/** The pictures and clips of one attack, answer, basic or form. */
final readonly class FootageList
{
    /** @var list<FootageItem> */
    public array $items;

    public string $name;

    public function __construct(public Attack|Answer|Solo $of)
    {
        $this->name = Footage::nameOf($of);
        $all = $of
            ->footage()
            ->with('students')
            ->get()
            ->each(static fn (Footage $one): Footage => $one->setRelation(self::word($of), $of));
        $this->items = array_values($all->map(static fn (Footage $one): FootageItem => new FootageItem($one))->all());
    }

    /** The place on a page where they are. */
    public static function place(Attack|Answer|Solo $of): string
    {
        return route(self::routes($of).'.show', $of).'#footage';
    }

    public function url(): string
    {
        return self::place($this->of);
    }

    /** An address of theirs: `index`, `create` or `store`. */
    public function route(string $what): string
    {
        return route(self::routes($this->of).'.footage.'.$what, $this->of);
    }

    /** Whether one of them is not yet prepared. */
    public function isWaiting(): bool
    {
        return array_filter(
            $this->items,
            static fn (FootageItem $item): bool => $item->footage->state === FootageState::Waiting,
        ) !== [];
    }

    /** @return array<string, string> what one of them can show */
    public function mistakes(): array
    {
        return ['' => __('footage.mistake-none')]
            + ($this->of instanceof Attack ? [] : array_combine($this->of->mistakes, $this->of->mistakes));
    }

    /** @return array<int, string> who can be chosen as somebody who is seen: names by id */
    public function people(): array
    {
        return $this->of->school
            ->students()
            ->orderBy('name')
            ->get()
            ->filter(static fn (Student $student): bool => $student->hasConsent())
            ->pluck('name', 'id')
            ->all();
    }

    /**
     * @param list<int> $saved who is said to be seen, by id
     *
     * @return list<int> the same as it was last typed
     */
    public static function shows(array $saved = []): array
    {
        return array_map(intval(...), ticked('shows', $saved, beside: 'caption'));
    }

    private static function word(Attack|Answer|Solo $of): string
    {
        return match (true) {
            $of instanceof Attack => 'attack',
            $of instanceof Answer => 'answer',
            default => 'solo',
        };
    }

    private static function routes(Attack|Answer|Solo $of): string
    {
        return $of instanceof Solo ? 'basics' : self::word($of).'s';
    }
}
