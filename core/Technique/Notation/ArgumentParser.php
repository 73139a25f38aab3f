<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Geometry\BearingException;
use StoneDrill\Core\Technique\Argument;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Toward;
use StoneDrill\Core\Technique\Verb;
use StoneDrill\Core\Text;

/** Reads what an action is for: targets, a bearing, a way, words, seconds. */
final readonly class ArgumentParser
{
    private const MAX_SECONDS = 60.0;

    public function __construct(private Vocabulary $vocabulary) {}

    /**
     * What follows a movement or a control, by what it takes.
     *
     * @throws LineError where the line stops making sense
     *
     * @return array{list<Target>, ?Bearing, ?Toward, ?string, ?float}
     */
    public function of(Line $line, Verb $verb): array
    {
        return match ($verb->argument()) {
            Argument::Nothing => [[], null, null, null, null],
            Argument::Bearing => [[], $this->bearing($line), null, null, null],
            Argument::BearingIfAny => [[], $this->seesBearing($line) ? $this->bearing($line) : null, null, null, null],
            Argument::TargetOrBearing => $this->seesBearing($line) && ! $line->seesAny(Target::class)
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
        return $line->peek()->is(TokenType::Number) || $line->peek()->is(TokenType::Clock) || $line->seesDirection();
    }

    /** @throws LineError where there is none */
    public function bearing(Line $line): Bearing
    {
        $direction = $line->takeDirection();
        if ($direction !== null) {
            return $direction;
        }
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

    /**
     * What a strike is for.
     *
     * @throws LineError where the line stops making sense
     *
     * @return list<Target>
     */
    public function targets(Line $line): array
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
}
