<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Geometry\BearingException;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Argument;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\LimbRule;
use StoneDrill\Core\Technique\Manner;
use StoneDrill\Core\Technique\Size;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Toward;
use StoneDrill\Core\Technique\Verb;
use StoneDrill\Core\Text;

/** Reads one action: limb, verb or strike, target or bearing, size, count. */
final readonly class ActionParser
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

    private const MAX_COUNT = 5;
    private const MAX_METRES = 3.0;
    private const MAX_SECONDS = 60.0;

    public function __construct(private Vocabulary $vocabulary) {}

    /** @throws LineError where the line stops making sense */
    public function parse(Line $line): Action
    {
        $begin = $line->peek();
        $prefixes = $this->prefixes($line);
        [$side, $part] = $this->limb($line, $prefixes);
        $place = $line->peek();
        $verb = $this->legBlock($line, $part)
        ?? ($this->ownStrike($part) ?? $this->verb($line, $side !== null || $part !== null));
        $limb = $verb instanceof Strike
            ? $this->striker($line, $place, $begin, $side, $part, $verb)
            : $this->doer($line, $place, $begin, $side, $part, $verb);
        if ($verb instanceof Verb && $prefixes !== []) {
            throw $line->refuseAt($place, Text::of('notation.strike-after-prefix'));
        }
        [$targets, $bearing, $toward, $words, $seconds]
            = $verb instanceof Strike ? [$this->targets($line), null, null, null, null] : $this->argument($line, $verb);

        return new Action(
            $limb,
            $verb,
            $targets,
            $bearing,
            new Manner(
                $this->size($line, $verb),
                $this->count($line, $verb),
                in_array('jumping', $prefixes, true),
                in_array('spinning', $prefixes, true),
                $this->facing($line, $verb),
            ),
            $toward,
            $words,
            $seconds,
        );
    }

    /** @return list<string> */
    private function prefixes(Line $line): array
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
    private function limb(Line $line, array &$prefixes): array
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

    /** A knee that blocks: by itself it would strike. */
    private function legBlock(Line $line, ?string $part): ?Verb
    {
        return $part === 'knee' && $line->seesPhrase(Verb::Block) ? $line->takePhrase(Verb::class) : null;
    }

    private function ownStrike(?string $part): ?Strike
    {
        return in_array($part, ['elbow', 'knee', 'head'], true) ? Strike::from($part) : null;
    }

    private function verb(Line $line, bool $hasLimb): Strike|Verb
    {
        $verb = $line->takePhrase(Verb::class) ?? $line->takePhrase(Strike::class);
        if ($verb !== null) {
            return $verb;
        }
        $verbs = $this->vocabulary->phrases(Verb::class);
        $strikes = $this->vocabulary->phrases(Strike::class);

        throw $hasLimb
            ? $line->refuse(Text::of('notation.movement'), [
                ...$verbs,
                ...$strikes,
                'hand',
                'foot',
                'elbow',
                'knee',
                'hands',
                'feet',
            ])
            : $line->refuse(Text::of('notation.limb-or-movement'), [
                ...array_keys(self::PARTS),
                'head',
                ...$verbs,
                ...$strikes,
            ]);
    }

    /** The limb of a strike; hand and foot may have been left out. */
    private function striker(Line $line, Token $place, Token $begin, ?string $side, ?string $part, Strike $strike): Limb
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

    /** The limb of anything but a strike; where the whole body moves there is none. */
    private function doer(Line $line, Token $place, Token $begin, ?string $side, ?string $part, Verb $verb): ?Limb
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

    /** @return array{list<Target>, ?Bearing, ?Toward, ?string, ?float} */
    private function argument(Line $line, Verb $verb): array
    {
        return match ($verb->argument()) {
            Argument::Nothing => [[], null, null, null, null],
            Argument::Bearing => [[], $this->bearing($line), null, null, null],
            Argument::BearingIfAny => [[], $this->seesBearing($line) ? $this->bearing($line) : null, null, null, null],
            Argument::TargetOrBearing => $this->seesBearing($line)
                ? [[], $this->bearing($line), null, null, null]
                : [$this->targetsIfAny($line), null, null, null, null],
            Argument::Side => [[], null, $this->side($line), null, null],
            Argument::Joint => [$this->joint($line), null, null, null, null],
            Argument::Strip => [$this->targetsIfAny($line), null, $this->toward($line), null, null],
            Argument::Words => [[], null, null, $this->words($line), null],
            Argument::Seconds => [[], null, null, null, $this->seconds($line)],
        };
    }

    private function seesBearing(Line $line): bool
    {
        return $line->peek()->is(TokenType::Number) || $line->peek()->is(TokenType::Clock);
    }

    private function bearing(Line $line): Bearing
    {
        $expected = Text::of('notation.bearing');
        $token = $line->peek();
        if (! $this->seesBearing($line)) {
            throw $line->refuse($expected);
        }
        $line->take($token->type);
        try {
            return $line->take(TokenType::Degree) === null
                ? Bearing::clock($token->text)
                : Bearing::degrees((float) $token->text);
        } catch (BearingException) {
            throw $line->refuseAt($token, $expected);
        }
    }

    /** @return list<Target> */
    private function targets(Line $line): array
    {
        $targets = [$this->target($line)];
        if ($line->takeWords('or')) {
            $targets[] = $this->target($line);
        }

        return $targets;
    }

    /** @return list<Target> */
    private function targetsIfAny(Line $line): array
    {
        $word = $line->peek();

        return ! $word->is(TokenType::Word) || in_array($word->text, ['toward', 'short', 'long', 'facing'], true)
            ? []
            : $this->targets($line);
    }

    private function target(Line $line): Target
    {
        return $line->takePhrase(Target::class)
            ?? throw $line->refuse(Text::of('notation.target'), $this->vocabulary->phrases(Target::class));
    }

    /** @return list<Target> */
    private function joint(Line $line): array
    {
        $token = $line->peek();
        $target = $line->takePhrase(Target::class);
        if ($target === null || ! $target->isLockable()) {
            throw $line->refuseAt($token, Text::of('notation.joint'), ['wrist', 'elbow', 'shoulder', 'fingers']);
        }

        return [$target];
    }

    private function toward(Line $line): ?Toward
    {
        if (! $line->takeWords('toward')) {
            return null;
        }

        return $this->oneOf($line, Toward::Thumb, Toward::Fingers)
            ?? throw $line->refuse(Text::of('notation.toward'), ['thumb', 'fingers']);
    }

    private function side(Line $line): Toward
    {
        return $this->oneOf($line, Toward::Left, Toward::Right)
            ?? throw $line->refuse(Text::of('notation.side'), ['left', 'right']);
    }

    private function oneOf(Line $line, Toward ...$ways): ?Toward
    {
        foreach ($ways as $way) {
            if ($line->takeWords($way->value)) {
                return $way;
            }
        }

        return null;
    }

    private function words(Line $line): string
    {
        $words = $line->take(TokenType::Quoted) ?? throw $line->refuse(Text::of('notation.quoted'));
        if (trim($words->text) === '' || str_contains($words->text, '"')) {
            throw $line->refuseAt($words, Text::of('notation.quoted-plain'));
        }

        return trim($words->text);
    }

    private function seconds(Line $line): float
    {
        $token = $line->peek();
        $seconds = (float) ($line->take(TokenType::Number)->text ?? 0);
        if ($seconds <= 0 || $seconds > self::MAX_SECONDS) {
            throw $line->refuseAt($token, Text::of('notation.seconds'));
        }
        if (! $line->takeWords('s')) {
            throw $line->refuse(Text::of('notation.s'));
        }

        return $seconds;
    }

    private function size(Line $line, Strike|Verb $verb): ?Size
    {
        $token = $line->peek();
        $size = match (true) {
            $line->takeWords('short') => Size::short(),
            $line->takeWords('long') => Size::long(),
            $token->is(TokenType::Number) => $this->metres($line),
            default => null,
        };
        if ($size !== null && ! ($verb instanceof Verb && $verb->hasLength())) {
            throw $line->refuseAt($token, Text::of('notation.no-length', ['verb' => $verb->value]));
        }

        return $size;
    }

    private function facing(Line $line, Strike|Verb $verb): ?Bearing
    {
        $token = $line->peek();
        if (! $line->takeWords('facing')) {
            return null;
        }
        if (! ($verb instanceof Verb) || ! $verb->mayFace()) {
            throw $line->refuseAt($token, Text::of('notation.no-facing', ['verb' => $verb->value]));
        }

        return $this->bearing($line);
    }

    private function metres(Line $line): Size
    {
        $token = $line->peek();
        $line->take(TokenType::Number);
        if (! $line->takeWords('m')) {
            throw $line->refuse(Text::of('notation.m'));
        }
        $metres = (float) $token->text;
        if ($metres <= 0 || $metres > self::MAX_METRES) {
            throw $line->refuseAt($token, Text::of('notation.metres'));
        }

        return Size::metres($metres);
    }

    private function count(Line $line, Strike|Verb $verb): int
    {
        $token = $line->take(TokenType::Count);
        if ($token === null) {
            return 1;
        }
        $count = (int) mb_substr($token->text, 1);
        if ($count < 1 || $count > self::MAX_COUNT) {
            throw $line->refuseAt($token, Text::of('notation.count'));
        }
        if ($verb instanceof Verb && ! $verb->repeats()) {
            throw $line->refuseAt($token, Text::of('notation.no-count', ['verb' => $verb->value]));
        }

        return $count;
    }
}
