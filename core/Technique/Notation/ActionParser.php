<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Manner;
use StoneDrill\Core\Technique\Size;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Verb;
use StoneDrill\Core\Text;

/** Reads one action: limb, verb or strike, target or bearing, size, count. */
final readonly class ActionParser
{
    private const MAX_COUNT = 5;
    private const MAX_METRES = 3.0;

    private LimbParser $limbs;

    private ArgumentParser $arguments;

    public function __construct(private Vocabulary $vocabulary)
    {
        $this->limbs = new LimbParser($vocabulary);
        $this->arguments = new ArgumentParser($vocabulary);
    }

    /** @throws LineError where the line stops making sense */
    public function parse(Line $line): Action
    {
        $begin = $line->peek();
        $prefixes = $this->limbs->prefixes($line);
        [$side, $part] = $this->limbs->limb($line, $prefixes);
        $place = $line->peek();
        $verb = $this->legBlock($line, $part)
            ?? $this->ownStrike($part)
            ?? $this->verb($line, $side !== null || $part !== null);
        $limb = $verb instanceof Strike
            ? $this->limbs->striker($line, $place, $begin, $side, $part, $verb)
            : $this->limbs->doer($line, $place, $begin, $side, $part, $verb);
        if ($verb instanceof Verb && $prefixes !== []) {
            throw $line->refuseAt($place, Text::of('notation.strike-after-prefix'));
        }
        [$targets, $bearing, $toward, $words, $seconds]
            = $verb instanceof Strike
                ? [$this->arguments->targets($line), null, null, null, null]
                : $this->arguments->of($line, $verb);

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
                ...LimbParser::sides(),
                ...$verbs,
                ...$strikes,
            ]);
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

        return $this->arguments->bearing($line);
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
