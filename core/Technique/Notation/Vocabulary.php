<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use BackedEnum;
use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Geometry\BearingStyle;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/**
 * The words of the notation that a school may add to: verbs, strikes, targets and effects, each with its own name
 * and any number of aliases; and how it writes bearings.
 */
final readonly class Vocabulary
{
    /** The groups that aliases belong to, as the open file names them. */
    public const GROUPS = [
        'verbs' => Verb::class,
        'strikes' => Strike::class,
        'targets' => Target::class,
        'effects' => Effect::class,
    ];

    /** Words with a place of their own in the notation, which no alias may take. */
    private const RESERVED = [
        'left', 'right', 'both', 'free', 'held', 'other', 'hand', 'hands', 'foot', 'feet', 'or', 'and', 'if', 'not',
        'go', 'on', 'to', 'beat', 'toward', 'facing', 'maybe', 'for', 'taller', 'shorter', 'short', 'long', 'm', 's',
        'jumping', 'spinning', 'gets up', 'far', 'near', 'second attack', 'lf', 'rf', 'bf', 'lh', 'rh', 'bh', 'fh',
        'le', 're', 'lk', 'rk', 'hd',
    ];

    /** The eight directions, clockwise from 12 o'clock. */
    private const DIRECTIONS = [
        'front', 'front right', 'right', 'back right', 'back', 'back left', 'left', 'front left',
    ];

    private const EIGHTH = 45;

    /**
     * @param array<class-string, array<string, BackedEnum>> $meanings meaning by phrase, by group
     * @param array<string, string>                          $own      a school's own phrase, by group and word
     * @param int                                            $longest  words in the longest phrase
     */
    private function __construct(
        private array $meanings,
        private array $own,
        private int $longest,
        private BearingStyle $bearings = BearingStyle::Clock,
    ) {}

    public static function standard(): self
    {
        static $standard = null;
        if ($standard === null) {
            $meanings = [];
            foreach (self::GROUPS as $enum) {
                $meanings[$enum] = array_column($enum::cases(), null, 'value');
            }
            $standard = new self($meanings, [], 3);
        }

        return $standard;
    }

    /**
     * This vocabulary with a school's own words.
     *
     * @param array<string, array<string, string>> $aliases the standard word, by own phrase, by group (`verbs`,
     *                                                      `strikes`, `targets`, `effects`)
     *
     * @throws VocabularyException when an alias cannot be told from another word, or stands for none
     */
    public function withAliases(array $aliases): self
    {
        [$meanings, $own, $longest] = [$this->meanings, $this->own, $this->longest];
        foreach ($aliases as $group => $words) {
            $enum = self::GROUPS[$group] ?? throw VocabularyException::unknownGroup((string) $group);
            foreach ($words as $alias => $word) {
                $alias = mb_strtolower(trim((string) $alias));
                $meaning = $enum::tryFrom($word)
                ?? throw VocabularyException::unknownWord(
                    $group,
                    $alias,
                    $word,
                    array_column($enum::cases(), 'value'),
                );
                if (preg_match('/^\p{L}+(?:[\'’-]\p{L}+)*(?: \p{L}+(?:[\'’-]\p{L}+)*)*$/Du', $alias) !== 1) {
                    throw VocabularyException::notWords($group, $alias);
                }
                if ($this->isTaken($alias, $meanings, $enum)) {
                    throw VocabularyException::taken($group, $alias);
                }
                $meanings[$enum][$alias] = $meaning;
                $own[$enum.' '.$word] ??= $alias;
                $longest = max($longest, substr_count($alias, ' ') + 1);
            }
        }

        return new self($meanings, $own, $longest, $this->bearings);
    }

    /** This vocabulary with bearings written in another way; every way is read. */
    public function withBearings(BearingStyle $style): self
    {
        return new self($this->meanings, $this->own, $this->longest, $style);
    }

    /** Whether it writes as the open file does. */
    public function isStandard(): bool
    {
        return $this->own === [] && $this->bearings === BearingStyle::Clock;
    }

    /**
     * A bearing as it is written: `9`, `270°`, `left`. What lies between the eight directions is written in degrees,
     * and so is what would be read as a target.
     *
     * @param bool $mayBeTarget whether a target could stand in its place
     */
    public function bearing(Bearing $bearing, bool $mayBeTarget): string
    {
        $eighth = $bearing->toDegrees() / self::EIGHTH;
        $words = $eighth === floor($eighth) ? self::DIRECTIONS[(int) $eighth] : null;
        $isWord = $words !== null && ! ($mayBeTarget && $this->match(Target::class, explode(' ', $words)) !== null);

        return match (true) {
            $this->bearings === BearingStyle::Clock => $bearing->toClock(),
            $this->bearings === BearingStyle::Directions && $isWord => $words,
            default => $bearing->toDegrees().'°',
        };
    }

    /**
     * The longest of the eight directions that the words begin with.
     *
     * @param list<string> $words
     *
     * @return array{Bearing, int}|null the bearing and how many words it took
     */
    public static function direction(array $words): ?array
    {
        for ($length = min(2, count($words)); $length > 0; $length--) {
            $eighth = array_search(implode(' ', array_slice($words, 0, $length)), self::DIRECTIONS, true);
            if ($eighth !== false) {
                return [Bearing::degrees(self::EIGHTH * $eighth), $length];
            }
        }

        return null;
    }

    /** @return list<string> the eight directions where bearings are written with them, none where they are not */
    public function directions(): array
    {
        return $this->bearings === BearingStyle::Directions ? self::DIRECTIONS : [];
    }

    /**
     * The longest phrase of a group that the words begin with, with its meaning.
     *
     * @param class-string<BackedEnum> $group
     * @param list<string>             $words
     *
     * @return array{BackedEnum, int}|null the meaning and how many words it took
     */
    public function match(string $group, array $words): ?array
    {
        for ($length = min($this->longest, count($words)); $length > 0; $length--) {
            $meaning = $this->meanings[$group][implode(' ', array_slice($words, 0, $length))] ?? null;
            if ($meaning !== null) {
                return [$meaning, $length];
            }
        }

        return null;
    }

    /**
     * Every phrase of a group.
     *
     * @param class-string<BackedEnum> $group
     *
     * @return list<string>
     */
    public function phrases(string $group): array
    {
        return array_map('strval', array_keys($this->meanings[$group]));
    }

    /** The school's own phrase for a word, or the word itself. */
    public function own(BackedEnum $word): string
    {
        return $this->own[$word::class.' '.$word->value] ?? (string) $word->value;
    }

    /**
     * Verbs and strikes stand in the same place, so do effects and what happens; targets only stand among targets.
     *
     * @param array<class-string, array<string, BackedEnum>> $meanings
     */
    private function isTaken(string $alias, array $meanings, string $enum): bool
    {
        $rivals = $enum === Verb::class || $enum === Strike::class ? [Verb::class, Strike::class] : [$enum];
        foreach ($rivals as $rival) {
            if (isset($meanings[$rival][$alias])) {
                return true;
            }
        }

        return in_array($alias, self::RESERVED, true);
    }
}
