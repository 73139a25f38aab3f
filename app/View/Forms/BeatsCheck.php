<?php

declare(strict_types=1);

namespace App\View\Forms;

use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\NotationError;
use StoneDrill\Core\Technique\Notation\NotationException;

/** What the editor says of a text of beats while it is typed. */
final readonly class BeatsCheck
{
    /**
     * @param list<NotationError>                           $errors
     * @param list<array{text: string, tag: string}>       $pieces  the text, cut where errors are
     * @param list<string>                                  $unknown titles it goes to that no answer has
     */
    private function __construct(
        public string $text,
        public ?Beats $beats,
        public array $errors,
        public array $pieces,
        public array $unknown,
    ) {}

    public static function of(Catalogue $catalogue, string $text): self
    {
        $text = str_replace("\r\n", "\n", $text);
        if (trim($text) === '') {
            return new self($text, null, [], [], []);
        }
        try {
            $beats = Beats::parse($text, $catalogue->school->vocabulary());
        } catch (NotationException $exception) {
            return new self($text, null, $exception->errors, self::pieces($text, $exception->errors), []);
        }
        $titles = array_column($catalogue->answers, 'title');

        return new self($text, $beats, [], [], array_values(array_diff(self::destinations($beats->line), $titles)));
    }

    /**
     * The text with the word at each error marked.
     *
     * @param list<NotationError> $errors
     *
     * @return list<array{text: string, tag: string}>
     */
    private static function pieces(string $text, array $errors): array
    {
        $columns = [];
        foreach ($errors as $error) {
            $columns[$error->line][] = $error->column;
        }
        $pieces = [];
        foreach (explode("\n", $text) as $index => $line) {
            $from = 0;
            foreach ($columns[$index + 1] ?? [] as $column) {
                preg_match('/^(?:\S+|.)/u', mb_substr($line, $column - 1), $word);
                $pieces[] = ['text' => mb_substr($line, $from, max(0, $column - 1 - $from)), 'tag' => 'span'];
                $pieces[] = ['text' => $word[0] ?? ' ', 'tag' => 'mark'];
                $from = $column - 1 + mb_strlen($word[0] ?? '');
            }
            $pieces[] = ['text' => mb_substr($line, $from)."\n", 'tag' => 'span'];
        }

        return $pieces;
    }

    /**
     * @param list<\StoneDrill\Core\Technique\Beat> $line
     *
     * @return list<string>
     */
    private static function destinations(array $line): array
    {
        $titles = [];
        foreach ($line as $beat) {
            foreach ($beat->branches as $branch) {
                array_push($titles, ...self::destinations($branch->beats));
                if ($branch->goesTo() !== null) {
                    $titles[] = $branch->goesTo()->title;
                }
            }
        }

        return array_values(array_unique($titles));
    }
}
