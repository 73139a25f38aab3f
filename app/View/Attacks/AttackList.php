<?php

declare(strict_types=1);

namespace App\View\Attacks;

use App\Models\Attack;
use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\View\Spelling;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;

/** The attacks of a school that fit what is looked for, family by family. */
final readonly class AttackList
{
    /** @var Collection<string, Collection<int, Attack>> by family, in the order of the families */
    public Collection $groups;

    /** How many the school has in all. */
    public int $total;

    /** @var array<string, string> what is looked for: find, family, rank, side */
    private array $filters;

    /** @var Collection<string, Collection<int, Cell>> by id of the attack */
    private Collection $cells;

    private Kinds $kinds;

    private Spelling $spelling;

    /** @var array<string, string> names of ranks by id */
    private array $rankNames;

    public function __construct(Request $request, School $school, CatalogueMapper $mapper, Coverage $coverage)
    {
        $this->filters = array_map(
            static fn (mixed $value): string => is_string($value) ? trim($value) : '',
            $request->only('find', 'family', 'rank', 'side'),
        );
        $this->kinds = $mapper->kinds($school);
        $this->spelling = Spelling::ofSchool($school);
        $this->rankNames = $school->ranks->pluck('name', 'code')->all();
        $this->cells = collect($coverage->cells)->groupBy(static fn (Cell $cell): string => $cell->attack->id);
        $this->total = $school->attacks()->count();
        $order = array_flip(array_column(Family::cases(), 'value'));
        $this->groups = $this->found($school)
            ->groupBy(fn (Attack $attack): string => $this->kinds->get($attack->kind)->family->value)
            ->sortBy(static fn (Collection $group, string $family): int => $order[$family]);
    }

    public function filter(string $name): string
    {
        return $this->filters[$name] ?? '';
    }

    /** @return array<string, string> texts by family, any first */
    public function familyOptions(): array
    {
        $options = ['' => __('words.any')];
        foreach (Family::cases() as $family) {
            $options[$family->value] = say($family->text());
        }

        return $options;
    }

    /** The name of an attack's kind. */
    public function kind(Attack $attack): string
    {
        return say($this->kinds->get($attack->kind)->name());
    }

    /** With which hand, from where, and how far it is. */
    public function how(Attack $attack): string
    {
        return __('attacks.from', [
            'hand' => $attack->getAttribute('hand'),
            'bearing' => $this->spelling->hour($attack->getAttribute('bearing')),
            'phase' => $attack->getAttribute('phase'),
        ]);
    }

    /** @return list<array{text: string, isHole: bool}> what answers each side, in a few words */
    public function sides(Attack $attack): array
    {
        $cells = $this->cells->get($attack->code, collect());
        $isOne = $cells->count() === 1;

        return array_values(
            $cells
                ->map(
                    fn (Cell $cell): array => [
                        'text' => ($isOne ? '' : __('words.sides-short.'.$cell->side->value).': ')
                        .($cell->laidAt === null
                            ? __($cell->taughtAt === null ? 'words.none' : 'attacks.does-not-work')
                            : $this->rankNames[$cell->laidAt]),
                        'isHole' => $cell->laidAt === null,
                    ],
                )
                ->all(),
        );
    }

    /** @return Collection<int, Attack> */
    private function found(School $school): Collection
    {
        $family = Family::tryFrom($this->filter('family'));
        $ofFamily = array_values(
            array_filter(
                array_map(
                    static fn ($kind): ?string => $kind->family === $family ? $kind->id : null,
                    $this->kinds->all(),
                ),
            ),
        );

        return $school
            ->attacks()
            ->with('neededBy')
            ->when($this->filter('family'), static fn (Builder $query) => $query->whereIn('kind', $ofFamily))
            ->when(
                $this->filter('rank'),
                static fn (Builder $query, string $code) => $query->whereRelation('neededBy', 'code', $code),
            )
            ->get()
            // What cannot be read is listed apart.
            ->filter(
                fn (Attack $attack): bool => isset($this->cells[$attack->code])
                    && $this->hasSides($this->cells[$attack->code])
                    && $this->hasWords($attack),
            );
    }

    /** Whether what is looked for stands in what is shown or noted of an attack. */
    private function hasWords(Attack $attack): bool
    {
        $words = $this->filter('find');

        return $words === '' || Str::contains(
            implode("\n", [$attack->title, $attack->notes, $attack->kind, $this->kind($attack), $this->how($attack)]),
            $words,
            ignoreCase: true,
        );
    }

    /** @param Collection<int, Cell> $cells both sides of an attack, or its only one */
    private function hasSides(Collection $cells): bool
    {
        $answered = $cells->filter(static fn (Cell $cell): bool => $cell->laidAt !== null)->count();

        return match ($this->filter('side')) {
            'both' => $answered === $cells->count(),
            'one' => $answered > 0 && $answered < $cells->count(),
            'none' => $answered === 0,
            default => true,
        };
    }
}
