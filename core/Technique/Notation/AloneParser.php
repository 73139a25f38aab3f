<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use StoneDrill\Core\Technique\AnswerLimits;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\GoToAnswer;
use StoneDrill\Core\Technique\Verb;
use StoneDrill\Core\Text;

/**
 * Reads beats that are done alone: one a line, and lines that go through the beats of an answer. With nobody there,
 * nothing comes of them, nothing stands under them, and nothing is done round an attacker.
 */
final readonly class AloneParser
{
    /** What is done to, or along with, an attacker who moves. */
    private const TOGETHER = [Verb::Ride, Verb::GoBehind, Verb::Escort];

    private LineParser $line;

    public function __construct(private Vocabulary $vocabulary)
    {
        $this->line = new LineParser($vocabulary);
    }

    /**
     * @throws NotationException with everything that cannot be read, and where
     * @return non-empty-list<Beat|GoToAnswer>
     */
    public function parse(string $text): array
    {
        $parts = $errors = [];
        $lines = Lines::of($text, $this->vocabulary);
        if (count($lines) > AnswerLimits::BEATS) {
            throw NotationException::of([
                new NotationError(
                    1,
                    1,
                    Text::of('notation.beats', ['count' => count($lines)]),
                    Text::of('notation.max-beats', ['max' => AnswerLimits::BEATS]),
                ),
            ]);
        }
        foreach ($lines as $line) {
            try {
                $parts[] = $this->part($line, $lines[0]->indent);
            } catch (LineError $error) {
                $errors[] = $error->error;
            }
        }
        if ($errors !== [] || $parts === []) {
            throw NotationException::of($errors ?: [Lines::none()]);
        }

        return $parts;
    }

    /** @throws LineError where the line stops making sense */
    private function part(Line $line, int $indent): Beat|GoToAnswer
    {
        if ($line->indent > $indent) {
            throw $line->refuse(Text::of('notation.alone-under'));
        }
        if ($line->sees('go', 'to')) {
            $goes = $this->line->goes($line);

            return $goes instanceof GoToAnswer ? $goes : throw $line->refuse(Text::of('notation.title'));
        }
        if ($line->sees('maybe')) {
            throw $line->refuse(Text::of('notation.alone-sure'));
        }
        $start = $line->peek();
        $beat = $this->line->beat($line);
        if ($beat->effects !== []) {
            throw $line->refuseAt($start, Text::of('notation.alone-effect'));
        }

        return $beat->does(...self::TOGETHER)
            ? throw $line->refuseAt($start, Text::of('notation.alone-attacker'))
            : $beat;
    }
}
