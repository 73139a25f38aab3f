<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\LimbRule;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Verb;
use StoneDrill\Core\Text;

/** Reads with what an action is done, and says which limb that is for what is done. */
final readonly class LimbParser
{
    /** Short forms, as side and part. */
    private const SHORT = [
        'lf' => ['left', 'foot'], 'rf' => ['right', 'foot'], 'bf' => ['both', 'feet'],
        'lh' => ['left', 'hand'], 'rh' => ['right', 'hand'], 'bh' => ['both', 'hands'], 'fh' => ['free', 'hand'],
        'le' => ['left', 'elbow'], 're' => ['right', 'elbow'], 'lk' => ['left', 'knee'], 'rk' => ['right', 'knee'],
        'hd' => [null, 'head'],
    ];

    /** The parts that a side can have. */
    private const PARTS = [
        'left' => ['hand', 'foot', 'elbow', 'knee'],
        'right' => ['hand', 'foot', 'elbow', 'knee'],
        'both' => ['hands', 'feet'],
        'free' => ['hand'],
        'held' => ['hand'],
        'other' => ['hand'],
    ];

    public function __construct(private Vocabulary $vocabulary) {}

    /** @return list<string> words that may begin one */
    public static function sides(): array
    {
        return [...array_keys(self::PARTS), 'head'];
    }

    /** @return list<string> what stands before a limb or a strike: jumping, spinning */
    public function prefixes(Line $line): array
    {
        $prefixes = [];
        while ($line->sees('jumping') || $line->sees('spinning')) {
            $prefixes[] = $line->peek()->text;
            $line->take(TokenType::Word);
        }

        return $prefixes;
    }

    /**
     * The side and the part of the body that come next; a strike's prefixes may stand between and after them.
     *
     * @param list<string> $prefixes
     *
     * @return array{?string, ?string}
     */
    public function limb(Line $line, array &$prefixes): array
    {
        $word = $line->peek()->text;
        if (isset(self::SHORT[$word]) && $line->takeWords($word)) {
            $prefixes = [...$prefixes, ...$this->prefixes($line)];

            return self::SHORT[$word];
        }
        // The head has no side: a side that is written is read over.
        if ($line->takeWords('head') || $line->takeWords('left', 'head') || $line->takeWords('right', 'head')) {
            return [null, 'head'];
        }
        if (! isset(self::PARTS[$word]) || ! $line->takeWords($word)) {
            return [null, null];
        }
        $prefixes = [...$prefixes, ...$this->prefixes($line)];
        foreach (self::PARTS[$word] as $part) {
            if ($line->takeWords($part)) {
                $prefixes = [...$prefixes, ...$this->prefixes($line)];

                return [$word, $part];
            }
        }

        return [$word, null];
    }

    /**
     * The limb of a strike; hand and foot may have been left out.
     *
     * @param Token $place of the strike
     * @param Token $begin of the action
     *
     * @throws LineError where it cannot be that limb
     */
    public function striker(Line $line, Token $place, Token $begin, ?string $side, ?string $part, Strike $strike): Limb
    {
        if ($strike->isItsOwnLimb()) {
            return $part === $strike->value
                ? Limb::from($part === 'head' ? 'head' : $side.' '.$part)
                : throw $line->refuseAt(
                    $side === null ? $begin : $place,
                    Text::of('notation.left-or-right', ['part' => $strike->value]),
                );
        }
        $own = $strike->isByHand() ? ['hand', 'hands'] : ['foot'];
        if (
            $side === null
            || ($part !== null && ! in_array($part, $own, true))
            || ($part === null && ! $strike->isByHand() && $side !== 'left' && $side !== 'right')
        ) {
            throw $line->refuseAt(
                $side === null ? $begin : $place,
                $strike->isByHand()
                    ? Text::of('notation.hand-before', ['strike' => $strike->value])
                    : Text::of('notation.foot-before', ['strike' => $strike->value]),
            );
        }

        return Limb::from(
            sprintf(
                '%s %s',
                $side,
                $part
                    ?? match (true) {
                        $side === 'both' => 'hands',
                        $strike->isByHand() => 'hand',
                        default => 'foot',
                    },
            ),
        );
    }

    /**
     * The limb of anything but a strike; where the whole body moves there is none.
     *
     * @param Token $place of the verb
     * @param Token $begin of the action
     *
     * @throws LineError where it cannot be that limb
     */
    public function doer(Line $line, Token $place, Token $begin, ?string $side, ?string $part, Verb $verb): ?Limb
    {
        $rule = $verb->limbs();
        if ($side !== null && $part === null) {
            throw $line->refuseAt(
                $place,
                Text::of('notation.part-after', ['parts' => implode('”, “', self::PARTS[$side]), 'side' => $side]),
                self::PARTS[$side],
            );
        }
        $limb = $part === null || ($part === 'feet' && $rule === LimbRule::WholeBody)
            ? null
            : Limb::tryFrom($side.' '.$part);
        if (($limb === null && $part === 'feet' && $rule !== LimbRule::WholeBody) || ! $rule->admits($limb)) {
            throw $line->refuseAt(
                $part === null ? $begin : $place,
                $rule->expectation(),
                $part === 'hand' ? $this->vocabulary->phrases(Strike::class) : [],
            );
        }

        return $limb;
    }
}
