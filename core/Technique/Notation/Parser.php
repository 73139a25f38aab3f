<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use StoneDrill\Core\Technique\AnswerLimits;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Branch;
use StoneDrill\Core\Technique\Condition;
use StoneDrill\Core\Technique\GoOn;
use StoneDrill\Core\Technique\GoToAnswer;
use StoneDrill\Core\Technique\Reading;
use StoneDrill\Core\Technique\Verb;
use StoneDrill\Core\Text;

/**
 * Reads beats: lines, what is indented under them, branches. What stands on one line is read by {@see LineParser}.
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

    private readonly LineParser $line;

    public function __construct(private readonly Vocabulary $vocabulary)
    {
        $this->line = new LineParser($vocabulary);
    }

    /** @throws NotationException with everything that cannot be read, and where */
    public function parse(string $text): Beats
    {
        $this->lines = Lines::of($text, $this->vocabulary);
        [$this->at, $this->errors] = [0, []];

        $beats = $this->beats($this->lines[0]->indent, 0);
        if ($this->errors !== []) {
            throw NotationException::of($this->errors);
        }

        $line = array_values(array_filter($beats)) ?: throw NotationException::of([Lines::none()]);
        if (array_filter($line, static fn (Beat $beat): bool => ! $beat->isOptional) === []) {
            throw NotationException::of([
                new NotationError(
                    $this->lines[0]->number,
                    1,
                    Text::of('notation.all-optional'),
                    Text::of('notation.one-sure'),
                ),
            ]);
        }

        return $this->withinLimits(new Beats($line), strlen($text));
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
            $count > AnswerLimits::BEATS => new NotationError(
                1,
                1,
                Text::of('notation.beats', ['count' => $count]),
                Text::of('notation.max-beats', ['max' => AnswerLimits::BEATS]),
            ),
            $stored > AnswerLimits::BYTES => new NotationError(
                1,
                1,
                Text::of('notation.stored-bytes', ['bytes' => number_format($stored)]),
                Text::of('notation.max-bytes', ['max' => number_format(AnswerLimits::BYTES)]),
            ),
            default => null,
        };

        return $error === null ? $beats : throw NotationException::of([$error]);
    }

    /**
     * The beats that stand at one indentation, with what is indented under them, until a line that goes on elsewhere.
     *
     * @return list<?Beat> null where a line could not be read
     *
     * @phpstan-impure
     */
    private function beats(int $indent, int $depth): array
    {
        $beats = [];
        while (($line = $this->next()) !== null && $line->indent >= $indent && ! $this->goesOn($line, $depth)) {
            if ($line->indent > $indent) {
                $this->fail($line->refuse(Text::of('notation.no-deeper')));
                $this->at++;
            } elseif ($line->sees('if') || $line->sees('for')) {
                $this->fail($line->refuse(Text::of($line->sees('if') ? 'notation.beat-first' : 'notation.for-first')));
                $this->at++;
                $this->skipDeeper($indent);
            } else {
                $this->at++;
                $beat = $this->attempt(fn (): Beat => $this->line->beat($line));
                $beats[] = $this->withWhatIsUnder($beat, $indent, $depth);
            }
        }

        return $beats;
    }

    /** Whether a branch goes on elsewhere here: `go to` or `go on` on a line of its own. */
    private function goesOn(Line $line, int $depth): bool
    {
        return $depth > 0 && ($line->sees('go', 'to') || $line->sees('go', 'on'));
    }

    /** The beat with its readings and branches, which are indented deeper than this. */
    private function withWhatIsUnder(?Beat $beat, int $indent, int $depth): ?Beat
    {
        $readings = $this->readings($indent);
        $branches = $this->branches($indent, $depth);
        if ($beat === null || ($readings === [] && $branches === [])) {
            return $beat;
        }

        return $beat->withReadings($readings)->withBranches($branches);
    }

    /** @return list<Reading> how the beat above reads for some */
    private function readings(int $indent): array
    {
        $readings = [];
        $own = $this->next()->indent ?? 0;
        while (
            ($line = $this->next()) !== null
            && $line->indent > $indent
            && $line->indent === $own
            && $line->sees('for')
        ) {
            $this->at++;
            $for = $this->attempt(fn (): string => $this->line->forWhom($line));
            if ($for === null) {
                $this->skipDeeper($line->indent);

                continue;
            }
            if (isset($readings[$for])) {
                $this->fail($line->refuse(Text::of('notation.for-once', ['for' => $for])));
            }
            $beat = $this->readingOf($line);
            if ($beat !== null) {
                $readings[$for] = new Reading($for, $beat);
            }
        }

        return array_values($readings);
    }

    /** The one beat of a reading, on its line or on the next, deeper one. */
    private function readingOf(Line $line): ?Beat
    {
        $under = $this->next();
        if ($line->isAtEnd() && $under !== null && $under->indent > $line->indent) {
            $this->at++;
            [$line, $indent] = [$under, $line->indent];
        }
        if ($line->isAtEnd()) {
            $this->fail($line->refuse(Text::of('notation.for-body')));

            return null;
        }
        if ($line->sees('maybe')) {
            $this->fail($line->refuse(Text::of('notation.for-sure')));
            $this->skipDeeper($line->indent);

            return null;
        }
        $beat = $this->attempt(fn (): Beat => $this->line->beat($line));
        $more = $this->next();
        if ($more !== null && $more->indent > ($indent ?? $line->indent)) {
            $this->fail($more->refuse(Text::of('notation.for-body')));
            $this->skipDeeper($indent ?? $line->indent);
        }

        return $beat;
    }

    /** @return list<Branch> the branches indented deeper than this */
    private function branches(int $indent, int $depth): array
    {
        $branches = [];
        $own = $this->next()->indent ?? 0;
        while (
            ($line = $this->next()) !== null
            && $line->indent > $indent
            && $line->indent <= $own
            && ($line->sees('if') || $line->sees('for'))
        ) {
            if ($line->indent < $own) {
                $this->fail($line->refuse(Text::of('notation.same-indentation')));
            }
            if ($line->sees('for')) {
                $this->fail($line->refuse(Text::of('notation.for-before-if')));
                $this->at++;
                $this->skipDeeper($line->indent);

                continue;
            }
            if ($depth === self::MAX_DEPTH) {
                $this->fail($line->refuse(Text::of('notation.max-depth', ['max' => self::MAX_DEPTH])));
                $this->skipDeeper($indent);

                break;
            }
            $this->at++;
            $condition = $this->attempt(fn (): Condition => $this->line->condition($line));
            if ($condition === null) {
                $this->skipDeeper($line->indent);

                continue;
            }
            $branch = $this->branch($line, $condition, $depth + 1);
            if ($branch !== null) {
                $branches[] = $branch;
            }
        }

        return $branches;
    }

    /** What is done in a branch, and where it goes on; null where it could not be read. */
    private function branch(Line $line, Condition $condition, int $depth): ?Branch
    {
        $before = count($this->errors);
        $beats = $then = null;
        if (
            $line->sees('go', 'to')
            || $line->sees('go', 'on')
            || ($line->sees('go') && ! $line->seesPhrase(Verb::GoBehind))
        ) {
            [$beats, $then] = [[], $this->attempt(fn (): GoToAnswer|GoOn => $this->line->goes($line))];
        } else {
            [$beats, $then] = $this->body($line, $depth);
        }
        $beats = array_values(array_filter($beats));
        if (count($this->errors) === $before && $beats === [] && $then === null) {
            $this->fail($line->refuse(Text::of('notation.branch-body')));
        }
        if (
            count($this->errors) === $before
            && $condition->happening->isOfBodies()
            && ($beats === [] || $then !== null)
        ) {
            $this->fail($line->refuse(Text::of('notation.bodies-body')));
        }

        return $beats === [] && $then === null ? null : new Branch($condition, $beats, $then);
    }

    /**
     * The beats of a branch, the first of them on its own line or not, and where it goes on after them.
     *
     * @return array{list<?Beat>, GoToAnswer|GoOn|null}
     */
    private function body(Line $line, int $depth): array
    {
        $beats = [];
        if (! $line->isAtEnd()) {
            $first = $this->attempt(fn (): Beat => $this->line->beat($line));
            $next = $this->next();
            $hasMore = $next !== null && $next->indent > $line->indent && ($next->sees('if') || $next->sees('for'));
            $beats[] = $hasMore ? $this->withWhatIsUnder($first, $line->indent, $depth) : $first;
        }
        $next = $this->next();
        if ($next === null || $next->indent <= $line->indent) {
            return [$beats, null];
        }
        $own = $next->indent;
        array_push($beats, ...$this->beats($own, $depth));
        $last = $this->next();
        if ($last === null || $last->indent < $own || ! $this->goesOn($last, $depth)) {
            return [$beats, null];
        }
        $this->at++;
        $then = $this->attempt(fn (): GoToAnswer|GoOn => $this->line->goes($last));
        if ($then instanceof GoOn) {
            $this->fail($last->refuse(Text::of('notation.go-on-alone')));
        }
        $after = $this->next();
        if ($after !== null && $after->indent > $line->indent) {
            $this->fail($after->refuse(Text::of('notation.nothing-after-go')));
            $this->skipDeeper($line->indent);
        }

        return [$beats, $then];
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
}
