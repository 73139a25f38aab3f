<?php

declare(strict_types=1);

namespace App\View\Forms;

use App\View\Spelling;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\NotationException;
use StoneDrill\Core\Technique\Notation\Vocabulary;

/**
 * Usual mistakes as they are typed, one a line: what each is called, and if wanted ` | 2: right palm chin / look`,
 * which is what is done instead of the second beat.
 */
final readonly class MistakeLines
{
    /**
     * @param list<string>                                    $texts
     * @param array<string, array{at: int, instead: string}> $instead by text
     * @param list<string>                                    $errors a sentence each
     */
    private function __construct(public array $texts, public array $instead, public array $errors) {}

    /** @param int $beats how many the answer has */
    public static function read(string $typed, int $beats, Vocabulary $vocabulary): self
    {
        $texts = $instead = $errors = [];
        foreach (preg_split('/\R/u', $typed) ?: [] as $number => $line) {
            $parts = array_map(trim(...), explode('|', $line, 2));
            [$text, $shown] = [$parts[0], $parts[1] ?? null];
            if ($text === '' && $shown === null) {
                continue;
            }
            $texts[] = $text;
            if ($shown === null) {
                continue;
            }
            $at = preg_match('/^(\d{1,3})\s*:(.+)$/u', $shown, $found) === 1 ? (int) $found[1] : 0;
            if ($text === '' || $at < 1 || $at > $beats) {
                $errors[] = __('answers.messages.mistake-shape', [
                    'line' => $number + 1,
                    'beats' => $beats,
                    'bar' => '|',
                ]);

                continue;
            }
            try {
                $instead[$text] = [
                    'at' => $at,
                    'instead' => Beats::parse(str_replace(' / ', "\n", trim($found[2] ?? '')), $vocabulary)->toText(),
                ];
            } catch (NotationException $exception) {
                $errors[] = __('answers.messages.mistake-beats', [
                    'line' => $number + 1,
                    'error' => say($exception->errors[0]->text()),
                ]);
            }
        }

        return new self(array_values(array_unique($texts)), $instead, $errors);
    }

    /**
     * @param list<string>                                          $texts
     * @param array<string, array{at?: mixed, instead?: mixed}> $instead by text
     */
    public static function print(array $texts, array $instead, Spelling $spelling): string
    {
        return implode(
            "\n",
            array_map(static function (string $text) use ($instead, $spelling): string {
                $shown = $instead[$text] ?? null;
                if (! is_int($shown['at'] ?? null) || ! is_string($shown['instead'] ?? null)) {
                    return $text;
                }

                return "{$text} | {$shown['at']}: "
                    .implode(' / ', array_map(trim(...), explode("\n", trim($spelling->beats($shown['instead'])))));
            }, $texts),
        );
    }
}
