<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use StoneDrill\Core\Technique\AnswerLimits;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Branch;
use StoneDrill\Core\Technique\Condition;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\GoOn;
use StoneDrill\Core\Technique\GoToAnswer;
use StoneDrill\Core\Technique\Happening;
use StoneDrill\Core\Text;

/**
 * Reads beats: lines, what is indented under them, branches. Actions are read by {@see ActionParser}.
 *
 * A line that cannot be read is reported and stands as a gap, so that the lines after it are tried too.
 */
final class Parser
{
    /** Branches within branches. */
    public const MAX_DEPTH = 8;

    /** @var list<Line> */
    private array $lines = [];

    private int $at = 0;

    /** @var list<NotationError> */
    private array $errors = [];

    private readonly ActionParser $actions;

    public function __construct(private readonly Vocabulary $vocabulary)
    {
        $this->actions = new ActionParser($vocabulary);
    }

    /** @throws NotationException with everything that cannot be read, and where */
    public function parse(string $text): Beats
    {
        $this->lines = $this->lines($text);
        [$this->at, $this->errors] = [0, []];

        $beats = $this->beats($this->lines[0]->indent, 0);
        if ($this->errors !== []) {
            throw NotationException::of($this->errors);
        }

        return $this->withinLimits(new Beats(array_values(array_filter($beats)) ?: throw NotationException::of([self::empty()])), strlen($text));
    }

    /**
     * @param int $typed bytes of the text
     *
     * @throws NotationException when it is too long as it is stored, in long spelling
     */
    private function withinLimits(Beats $beats, int $typed): Beats
    {
        // No word is written sixteen times as long as it is typed.
        $stored = 16 * $typed > AnswerLimits::BYTES ? strlen($beats->toText()) : $typed;
        $count = count($this->lines) > AnswerLimits::BEATS ? $beats->count() : 0;
        $error = match (true) {
            $count > AnswerLimits::BEATS => new NotationError(1, 1, Text::of('notation.beats', ['count' => $count]), Text::of('notation.max-beats', ['max' => AnswerLimits::BEATS])),
            $stored > AnswerLimits::BYTES => new NotationError(1, 1, Text::of('notation.stored-bytes', ['bytes' => number_format($stored)]), Text::of('notation.max-bytes', ['max' => number_format(AnswerLimits::BYTES)])),
            default => null,
        };

        return $error === null ? $beats : throw NotationException::of([$error]);
    }

    /**
     * @throws NotationException
     * @return non-empty-list<Line>
     */
    private function lines(string $text): array
    {
        if (strlen($text) > AnswerLimits::BYTES) {
            $found = Text::of('notation.bytes', ['bytes' => number_format(strlen($text))]);

            throw NotationException::of([new NotationError(1, 1, $found, Text::of('notation.max-bytes', ['max' => number_format(AnswerLimits::BYTES)]))]);
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw NotationException::of([new NotationError(1, 1, Text::of('notation.not-utf8'), Text::of('notation.utf8'))]);
        }
        $lexer = new Lexer();
        $lines = [];
        foreach (preg_split('/\R/u', $text) ?: [] as $index => $line) {
            if (trim($line) !== '') {
                $lines[] = new Line($index + 1, self::indent($line), $lexer->line($line), $this->vocabulary);
            }
        }

        return $lines ?: throw NotationException::of([self::empty()]);
    }

    /**
     * The beats that stand at one indentation, with what is indented under them.
     *
     * @return list<?Beat> null where a line could not be read
     *
     * @phpstan-impure
     */
    private function beats(int $indent, int $depth): array
    {
        $beats = [];
        while (($line = $this->next()) !== null && $line->indent >= $indent) {
            if ($line->indent > $indent) {
                $this->fail($line->refuse(Text::of('notation.no-deeper')));
                $this->at++;
            } elseif ($line->sees('if')) {
                $this->fail($line->refuse(Text::of('notation.beat-first')));
                $this->at++;
                $this->skipDeeper($indent);
            } else {
                $this->at++;
                $beat = $this->attempt(fn (): Beat => $this->beat($line));
                $branches = $this->branches($indent, $depth);
                $beats[] = $beat === null || $branches === [] ? $beat : $beat->withBranches($branches);
            }
        }

        return $beats;
    }

    /** @return list<Branch> the branches indented deeper than this */
    private function branches(int $indent, int $depth): array
    {
        $branches = [];
        $own = $this->next()->indent ?? 0;
        while (($line = $this->next()) !== null && $line->indent > $indent && $line->indent <= $own && $line->sees('if')) {
            if ($line->indent < $own) {
                $this->fail($line->refuse(Text::of('notation.same-indentation')));
            }
            if ($depth === self::MAX_DEPTH) {
                $this->fail($line->refuse(Text::of('notation.max-depth', ['max' => self::MAX_DEPTH])));
                $this->skipDeeper($indent);

                break;
            }
            $this->at++;
            $condition = $this->attempt(fn (): Condition => $this->condition($line));
            if ($condition === null) {
                $this->skipDeeper($line->indent);

                continue;
            }
            $body = $this->body($line, $depth + 1);
            if ($body !== null) {
                $branches[] = new Branch($condition, $body);
            }
        }

        return $branches;
    }

    /** @return non-empty-list<Beat>|GoToAnswer|GoOn|null null where it could not be read */
    private function body(Line $line, int $depth): array|GoToAnswer|GoOn|null
    {
        if ($line->sees('go')) {
            return $this->attempt(fn (): GoToAnswer|GoOn => $this->goes($line));
        }
        $first = [];
        if (! $line->isAtEnd()) {
            $first[] = $this->attempt(fn (): Beat => $this->beat($line));
        }
        $next = $this->next();
        if ($next === null || $next->indent <= $line->indent) {
            if ($first === []) {
                $this->fail($line->refuse(Text::of('notation.branch-body')));
            }

            return array_filter($first) ?: null;
        }
        if ($first !== [] && $next->sees('if')) {
            $branches = $this->branches($line->indent, $depth);
            $first[0] = $first[0] === null ? null : $first[0]->withBranches($branches);
            $next = $this->next();
            if ($next === null || $next->indent <= $line->indent) {
                return array_filter($first) ?: null;
            }
        }
        if ($first === [] && $next->sees('go')) {
            $this->at++;

            return $this->attempt(fn (): GoToAnswer|GoOn => $this->goes($next));
        }

        return array_values(array_filter([...$first, ...$this->beats($next->indent, $depth)])) ?: null;
    }

    private function beat(Line $line): Beat
    {
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
            throw $line->refuse($effects === [] ? Text::of('notation.after-action') : Text::of('notation.after-effect'), ['or', 'and']);
        }

        return new Beat($actions, $effects, $note === '' ? null : $note, isTogether: $isTogether);
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
        return $line->takePhrase(Effect::class) ?? throw $line->refuse(Text::of('notation.effect'), $this->vocabulary->phrases(Effect::class));
    }

    private function condition(Line $line): Condition
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
                ? throw $line->refuse(Text::of('notation.condition'), [...$named, ...$this->vocabulary->phrases(Effect::class)])
                : Condition::instead($effect);
        }
        if ($line->take(TokenType::Colon) === null) {
            throw $line->refuse(Text::of('notation.colon'));
        }

        return $condition;
    }

    /** `go to "Title" beat n` and `go on`. */
    private function goes(Line $line): GoToAnswer|GoOn
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

    private function next(): ?Line
    {
        return $this->lines[$this->at] ?? null;
    }

    private function skipDeeper(int $indent): void
    {
        while (($line = $this->next()) !== null && $line->indent > $indent) {
            $this->at++;
        }
    }

    /**
     * @template T
     *
     * @param callable(): T $read
     *
     * @return T|null null when the line could not be read, which is then noted
     */
    private function attempt(callable $read): mixed
    {
        try {
            return $read();
        } catch (LineError $error) {
            $this->fail($error);

            return null;
        }
    }

    private function fail(LineError $error): void
    {
        $this->errors[] = $error->error;
    }

    private static function indent(string $line): int
    {
        $indent = 0;
        foreach (str_split(substr($line, 0, strspn($line, " \t"))) as $space) {
            $indent = $space === "\t" ? intdiv($indent, 4) * 4 + 4 : $indent + strlen($space);
        }

        return $indent;
    }

    private static function empty(): NotationError
    {
        return new NotationError(1, 1, Text::of('notation.nothing'), Text::of('notation.at-least-one'));
    }
}
