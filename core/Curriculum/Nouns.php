<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use InvalidArgumentException;

/** What a school calls an attack, an answer, a rank and a rung, one of them and several. */
final readonly class Nouns
{
    /** What can have another name. */
    public const NAMED = ['attack', 'answer', 'rank', 'rung'];

    public const MAX_LENGTH = 40;

    /**
     * @param array<string, array{one: string, many: string}> $words by what they name; what is not there keeps its
     *     usual name
     */
    public function __construct(public array $words = [])
    {
        foreach ($words as $forms) {
            foreach ($forms as $form) {
                self::isWord($form) || throw new InvalidArgumentException("“{$form}” is no word.");
            }
        }
    }

    /** Letters, and between them spaces, hyphens and apostrophes. */
    public static function isWord(string $word): bool
    {
        return mb_strlen($word) <= self::MAX_LENGTH
            && preg_match("/^[\\p{L}\\p{M}]+(?:[ '’-][\\p{L}\\p{M}]+)*$/Du", $word) === 1;
    }
}
