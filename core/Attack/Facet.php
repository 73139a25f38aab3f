<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

use BackedEnum;
use StoneDrill\Core\Text;

/** One of the properties that name an attack exactly, with the values it can take. */
enum Facet: string
{
    case Hand = 'hand';
    case Bearing = 'bearing';
    case Thumb = 'thumb';
    case Phase = 'phase';
    case Entry = 'entry';
    case Posture = 'posture';
    case Notice = 'notice';
    case Place = 'place';
    case Others = 'others';
    case Intent = 'intent';
    case Build = 'build';

    /**
     * Every value of this facet as the open file spells it, in order; bearings are hours of the clock.
     *
     * @return list<string>
     */
    public function values(): array
    {
        return match ($this) {
            self::Hand => self::ids(Hand::cases()),
            self::Bearing => ['1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11', '12'],
            self::Thumb => self::ids(Thumb::cases()),
            self::Phase => self::ids(Phase::cases()),
            self::Entry => self::ids(Entry::cases()),
            self::Posture => self::ids(Posture::cases()),
            self::Notice => self::ids(Notice::cases()),
            self::Place => self::ids(Place::cases()),
            self::Others => self::ids(Others::cases()),
            self::Intent => self::ids(Intent::cases()),
            self::Build => self::ids(Build::cases()),
        };
    }

    public function text(): Text
    {
        return Text::of("attack.facets.{$this->value}");
    }

    /** The value that may be left out, or null when an attack must say it. */
    public function default(): ?string
    {
        return match ($this) {
            self::Thumb => Thumb::NotApplicable->value,
            self::Entry => Entry::Step->value,
            self::Posture => Posture::Standing->value,
            self::Notice => Notice::Ready->value,
            self::Place => Place::Open->value,
            self::Others => Others::Alone->value,
            self::Build => Build::Alike->value,
            self::Hand, self::Bearing, self::Phase, self::Intent => null,
        };
    }

    /**
     * The bit of one value in the mask of a pattern: all facets together take 51 of an integer's bits.
     */
    public function bit(string $value): int
    {
        return self::layout()[$this->value][$value];
    }

    /** All bits of this facet, which lift it in a pattern. */
    public function mask(): int
    {
        return array_sum(self::layout()[$this->value]);
    }

    /** @return array<string, array<array-key, int>> bit by value, by facet */
    private static function layout(): array
    {
        static $layout = null;
        if ($layout === null) {
            $shift = 0;
            foreach (self::cases() as $facet) {
                foreach ($facet->values() as $value) {
                    $layout[$facet->value][$value] = 1 << $shift++;
                }
            }
        }

        return $layout;
    }

    /**
     * @param list<BackedEnum> $cases
     *
     * @return list<string>
     */
    private static function ids(array $cases): array
    {
        return array_map(static fn (BackedEnum $case): string => (string) $case->value, $cases);
    }
}
