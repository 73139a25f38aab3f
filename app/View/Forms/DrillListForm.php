<?php

declare(strict_types=1);

namespace App\View\Forms;

use App\Models\DrillListItem;
use App\Models\School;
use App\Persistence\CatalogueMapper;
use Illuminate\Support\Str;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Pairs\AttackRows;
use StoneDrill\Core\Coverage\Pairs\DrillRow;
use StoneDrill\Core\Coverage\Pairs\ModelException;

/** What a drill list is made from: the families, what varies, what is never together; and the rows that follow. */
final readonly class DrillListForm
{
    /** What varies where nothing is asked for. */
    private const USUAL = [Facet::Hand, Facet::Bearing];

    private const MAX_SEED = 999_999;

    /** Attacks of a list unless more are asked for, and at most. */
    private const USUAL_ROWS = 20;
    private const MAX_ROWS = 1000;

    /** @var list<Family> those that the catalogue has */
    public array $families;

    /** @var list<Family> chosen ones, none for all */
    public array $chosen;

    /** @var list<Facet> */
    public array $facets;

    public bool $onlyUsed;

    public string $forbid;

    public int $seed;

    /** How many attacks the list has at most. */
    public int $most;

    /** Null where the catalogue has no such attack, or the constraints mean nothing. */
    public ?AttackRows $rows;

    /** What cannot be read of the constraints. */
    public ?string $error;

    /** @param array<array-key, mixed> $typed */
    public function __construct(array $typed, School $school, CatalogueMapper $mapper)
    {
        $attacks = $mapper->curriculum($school)->attacks;
        $this->families = array_values(
            array_filter(
                Family::cases(),
                static fn (Family $family): bool => array_filter(
                    $attacks,
                    static fn (Attack $attack): bool => $attack->kind->family === $family,
                ) !== [],
            ),
        );
        $this->chosen = array_values(
            array_filter(
                array_map(
                    static fn (mixed $id): ?Family => is_string($id) ? Family::tryFrom($id) : null,
                    (array) ($typed['families'] ?? []),
                ),
            ),
        );
        $facets = array_values(
            array_filter(
                array_map(
                    static fn (mixed $id): ?Facet => is_string($id) ? Facet::tryFrom($id) : null,
                    (array) ($typed['facets'] ?? []),
                ),
            ),
        );
        $this->facets = $facets === [] ? self::USUAL : array_values(array_unique($facets, SORT_REGULAR));
        $this->onlyUsed = ($typed['values'] ?? 'used') !== 'all';
        $this->forbid = is_string($typed['forbid'] ?? null) ? Str::limit($typed['forbid'], 4000, '') : '';
        $this->seed = is_string($typed['seed'] ?? null) && ctype_digit($typed['seed'])
            ? min(self::MAX_SEED, (int) $typed['seed'])
            : 1;
        $this->most = is_string($typed['most'] ?? null) && ctype_digit($typed['most'])
            ? min(self::MAX_ROWS, max(1, (int) $typed['most']))
            : self::USUAL_ROWS;
        [$this->rows, $this->error] = $this->work(
            array_values(
                array_filter(
                    $attacks,
                    fn (Attack $attack): bool => $this->chosen === []
                        || in_array($attack->kind->family, $this->chosen, true),
                ),
            ),
        );
    }

    /** @return list<DrillRow> those that the list has */
    public function listed(): array
    {
        return array_slice($this->rows->rows ?? [], 0, $this->most);
    }

    public function hasFamily(Family $family): bool
    {
        return in_array($family, $this->chosen, true);
    }

    public function hasFacet(Facet $facet): bool
    {
        return in_array($facet, $this->facets, true);
    }

    /** Whether more attacks would meet more pairs. */
    public function isShort(): bool
    {
        return count($this->listed()) < count($this->rows->rows ?? []);
    }

    public function summary(): string
    {
        return trans_choice('lists.meet', count($this->listed()), [
            'met' => number_format($this->met()),
            'pairs' => number_format($this->rows?->feasible() ?? 0),
        ]);
    }

    public function side(Side $side): string
    {
        return $side === Side::Mirrored ? ', '.__('words.sides.mirrored') : '';
    }

    /** @param array<string, string> $differences value by facet */
    public function differences(array $differences): string
    {
        return DrillListItem::describe($differences);
    }

    /** How many pairs they meet. */
    public function met(): int
    {
        return $this->listed() === [] ? 0 : $this->rows->met[count($this->listed()) - 1] ?? 0;
    }

    /**
     * @param list<Attack> $attacks
     *
     * @return array{?AttackRows, ?string}
     */
    private function work(array $attacks): array
    {
        if ($attacks === []) {
            return [null, null];
        }
        try {
            return [AttackRows::of($attacks, $this->facets, $this->onlyUsed, $this->forbidden(), $this->seed), null];
        } catch (ModelException $exception) {
            $line = 1 + (int) (explode('/', $exception->pointer)[2] ?? 0);

            return [
                null,
                __('lists.forbid-error', [
                    'line' => $line,
                    'error' => say($exception->text),
                    'hint'
                        => $exception->nearest === null ? '' : __('file.did-you-mean', ['word' => $exception->nearest]),
                ]),
            ];
        }
    }

    /**
     * A line each, such as `place stairs, build larger`.
     *
     * @return list<array<string, string>>
     */
    private function forbidden(): array
    {
        $combinations = [];
        foreach (preg_split('/\R/', trim($this->forbid)) ?: [] as $line) {
            $combination = [];
            foreach (array_filter(array_map(trim(...), explode(',', $line))) as $part) {
                [$name, $value] = [...preg_split('/\s+/', $part, 2) ?: [], ''];
                $combination[$name] = $value;
            }
            if ($combination !== []) {
                $combinations[] = $combination;
            }
        }

        return $combinations;
    }
}
