<?php

declare(strict_types=1);

namespace App\View\Attacks;

use App\Models\Kind;
use App\View\Floor\SituationView;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\AttackerLimb;
use StoneDrill\Core\Attack\DefenderHold;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Kind as CoreKind;
use StoneDrill\Core\Attack\Need;
use StoneDrill\Core\Attack\Start;
use StoneDrill\Core\Curriculum\Catalogue;

/** The form of a school's own kind of attack: what was typed, what is stored, or nothing. */
final readonly class OwnKindForm
{
    public function __construct(public ?Kind $kind) {}

    public function text(string $field): string
    {
        $value = old(
            $field,
            $field === 'cautions' ? implode("\n", $this->kind->cautions ?? []) : $this->kind?->getAttribute($field),
        );

        return is_scalar($value) ? (string) $value : '';
    }

    public function has(string $field, string $value): bool
    {
        return in_array(
            $value,
            array_map(
                strval(...),
                array_filter((array) old($field, $this->kind?->getAttribute($field) ?? []), is_scalar(...)),
            ),
            true,
        );
    }

    /** @return array<string, string> */
    public function families(): array
    {
        return self::named(array_column(Family::cases(), 'value'), 'attack.families');
    }

    /** @return array<string, string> */
    public function starts(): array
    {
        return self::named(array_column(Start::cases(), 'value'), 'own-kinds.starts');
    }

    /** @return array<string, array<int|string, string>> choices of several, by field */
    public function lists(): array
    {
        return [
            'attacker_busy' => self::named(array_column(AttackerLimb::cases(), 'value'), 'own-kinds.limbs'),
            'defender_held' => self::named(array_column(DefenderHold::cases(), 'value'), 'own-kinds.holds'),
            'hands' => self::named(array_column(Hand::cases(), 'value'), 'own-kinds.hands'),
            'bearings' => array_combine(range(1, 12), array_map(strval(...), range(1, 12))),
        ];
    }

    /** What follows from a kind, in the first of its situations. */
    public static function situation(Catalogue $catalogue, CoreKind $kind): SituationView
    {
        $feasibility = new Feasibility();
        $chosen = [];
        foreach (Facet::cases() as $facet) {
            $allowed = $feasibility->allowed($kind, $facet, $chosen);
            $chosen[$facet->value] = in_array($facet->default(), $allowed, true)
                ? $facet->default()
                : ($facet === Facet::Phase && in_array('landed', $allowed, true)
                    ? 'landed'
                    : $allowed[0]);
        }
        $attack = new Attack(
            $kind->id,
            $kind->words->name ?? $kind->id,
            $kind,
            Facets::of($chosen),
            new Need(null, null),
        );

        return SituationView::of(
            new Catalogue($catalogue->school, [...$catalogue->kinds, $kind], $catalogue->ranks, $catalogue->ladder, [
                $attack,
            ]),
            $attack,
        );
    }

    /**
     * @param list<string> $values
     *
     * @return array<string, string>
     */
    private static function named(array $values, string $key): array
    {
        return array_combine($values, array_map(static fn (string $value): string => __("{$key}.{$value}"), $values));
    }
}
