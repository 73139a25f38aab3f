<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use DomainException;
use StoneDrill\Core\Text;

/** A school's own word that cannot be taken into the notation. */
final class VocabularyException extends DomainException
{
    private function __construct(
        public readonly Text $text,
        public readonly string $group,
        public readonly string $alias,
    ) {
        parent::__construct($text->key);
    }

    public static function unknownGroup(string $group): self
    {
        return new self(
            Text::of('notation.alias-group', ['group' => $group, 'groups' => array_keys(Vocabulary::GROUPS)]),
            $group,
            '',
        );
    }

    /** @param list<string> $known */
    public static function unknownWord(string $group, string $alias, string $word, array $known): self
    {
        $nearest = Nearest::to($word, $known);

        return new self(
            Text::of('notation.alias-word', [
                'alias' => $alias,
                'word' => $word,
                'group' => $group,
                'hint' => $nearest === null ? '' : Text::of('file.did-you-mean', ['word' => $nearest]),
            ]),
            $group,
            $alias,
        );
    }

    public static function notWords(string $group, string $alias): self
    {
        return new self(Text::of('notation.alias-letters', ['alias' => $alias]), $group, $alias);
    }

    public static function taken(string $group, string $alias): self
    {
        return new self(Text::of('notation.alias-taken', ['alias' => $alias]), $group, $alias);
    }
}
