<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use StoneDrill\Core\Technique\AnswerLimits;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Condition;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\GoOn;
use StoneDrill\Core\Technique\GoToAnswer;
use StoneDrill\Core\Technique\Happening;
use StoneDrill\Core\Technique\Reading;
use StoneDrill\Core\Text;

/** Reads what stands on one line: a beat, when a branch is taken, where it goes on, for whom a beat reads otherwise. */
final readonly class LineParser
{
    private ActionParser $actions;

    public function __construct(private Vocabulary $vocabulary)
    {
        $this->actions = new ActionParser($vocabulary);
    }

    /** @throws LineError where the line stops making sense */
    public function beat(Line $line): Beat
    {
        $isOptional = $this->isOptional($line);
        $actions = [$this->actions->parse($line)];
        while ($line->take(TokenType::Comma) !== null) {
            if (count($actions) === AnswerLimits::ACTIONS) {
                throw $line->refuse(Text::of('notation.max-actions', ['max' => AnswerLimits::ACTIONS]));
            }
            $actions[] = $this->actions->parse($line);
        }
        $effects = [];
        $isTogether = false;
        if ($line->take(TokenType::Arrow) !== null) {
            $effects[] = $this->effect($line);
            if ($line->takeWords('or')) {
                $effects[] = $this->effect($line);
            } elseif ($line->takeWords('and')) {
                $isTogether = true;
                $effects[] = $this->other($line, $effects[0]);
            }
        }
        $note = $line->take(TokenType::Note)?->text;
        if (! $line->isAtEnd()) {
            throw $line->refuse(
                $effects === [] ? Text::of('notation.after-action') : Text::of('notation.after-effect'),
                ['or', 'and'],
            );
        }

        return new Beat(
            $actions,
            $effects,
            $note === '' ? null : $note,
            isTogether: $isTogether,
            isOptional: $isOptional,
        );
    }

    /** Whether the beat may be left out. */
    private function isOptional(Line $line): bool
    {
        if (! $line->takeWords('maybe')) {
            return false;
        }

        return $line->take(TokenType::Colon) !== null
            ? true
            : throw $line->refuse(Text::of('notation.colon-after-maybe'));
    }

    /** For whom a beat reads otherwise: `youth`, or what stands for a rank. */
    public function forWhom(Line $line): string
    {
        $line->takeWords('for');
        $place = $line->peek();
        $whom = $line->takeUntilColon();

        return $whom === null || $whom === ''
            ? throw $line->refuseAt($place, Text::of('notation.for-whom'), [Reading::YOUTH])
            : $whom;
    }

    /** An effect that comes together with another: not the same one, and nobody has two postures. */
    private function other(Line $line, Effect $first): Effect
    {
        $token = $line->peek();
        $second = $this->effect($line);
        if ($second === $first || ($first->isPosture() && $second->isPosture())) {
            throw $line->refuseAt($token, Text::of('notation.together', ['effect' => $first->value]));
        }

        return $second;
    }

    private function effect(Line $line): Effect
    {
        return $line->takePhrase(Effect::class)
            ?? throw $line->refuse(Text::of('notation.effect'), $this->vocabulary->phrases(Effect::class));
    }

    /** @throws LineError where the line stops making sense */
    public function condition(Line $line): Condition
    {
        $line->takeWords('if');
        $condition = null;
        foreach (Happening::named() as $happening) {
            if ($line->takeWords(...explode(' ', $happening->value))) {
                $condition = Condition::of($happening);
            }
        }
        if ($condition === null) {
            $named = array_map(static fn (Happening $happening): string => $happening->value, Happening::named());
            $effect = $line->takePhrase(Effect::class);
            $condition = $effect === null
                ? throw $line->refuse(Text::of('notation.condition'), [
                    ...$named,
                    ...$this->vocabulary->phrases(Effect::class),
                ])
                : Condition::instead($effect);
        }
        if ($line->take(TokenType::Colon) === null) {
            throw $line->refuse(Text::of('notation.colon'));
        }

        return $condition;
    }

    /**
     * `go to "Title" beat n` and `go on`.
     *
     * @throws LineError where the line stops making sense
     */
    public function goes(Line $line): GoToAnswer|GoOn
    {
        $line->takeWords('go');
        $goes = match (true) {
            $line->takeWords('on') => new GoOn(),
            $line->takeWords('to') => $this->goesTo($line),
            default => throw $line->refuse(Text::of('notation.go'), ['to', 'on']),
        };
        if (! $line->isAtEnd()) {
            throw $line->refuse(Text::of('notation.end'));
        }

        return $goes;
    }

    private function goesTo(Line $line): GoToAnswer
    {
        $title = $line->take(TokenType::Quoted);
        if ($title === null || trim($title->text) === '') {
            throw $line->refuse(Text::of('notation.title'));
        }
        $beat = '1';
        if ($line->takeWords('beat')) {
            $number = $line->peek();
            $beat = $line->take(TokenType::Number)->text ?? '';
            if (preg_match('/^[1-9]\d?$/D', $beat) !== 1) {
                throw $line->refuseAt($number, Text::of('notation.beat-number'));
            }
        }

        return new GoToAnswer(trim($title->text), (int) $beat);
    }
}
