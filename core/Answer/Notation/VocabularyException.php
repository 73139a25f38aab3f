<?php

declare(strict_types=1);

namespace StoneDrill\Core\Answer\Notation;

use DomainException;
use StoneDrill\Core\Spelling\Nearest;

/** A school's own word that cannot be taken into the notation. */
final class VocabularyException extends DomainException
{
    private function __construct(string $message, public readonly string $group, public readonly string $alias)
    {
        parent::__construct($message);
    }

    public static function unknownGroup(string $group): self
    {
        return new self(sprintf('There are no aliases for “%s”; there are for %s.', $group, implode(', ', array_keys(Vocabulary::GROUPS))), $group, '');
    }

    /** @param list<string> $known */
    public static function unknownWord(string $group, string $alias, string $word, array $known): self
    {
        $nearest = Nearest::to($word, $known);

        return new self(sprintf('“%s” stands for “%s”, which is not among the %s.', $alias, $word, $group).($nearest === null ? '' : sprintf(' Did you mean “%s”?', $nearest)), $group, $alias);
    }

    public static function notWords(string $group, string $alias): self
    {
        return new self(sprintf('“%s” is not made of words; an alias has letters only, words one space apart.', $alias), $group, $alias);
    }

    public static function taken(string $group, string $alias): self
    {
        return new self(sprintf('“%s” has a meaning in the notation already.', $alias), $group, $alias);
    }
}
