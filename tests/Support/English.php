<?php

declare(strict_types=1);

namespace Tests\Support;

use App\View\Texts;
use StoneDrill\Core\Coverage\Pairs\ModelException;
use StoneDrill\Core\Technique\Notation\NotationError;
use StoneDrill\Core\Technique\Notation\NotationException;
use StoneDrill\Core\Technique\Notation\VocabularyException;
use StoneDrill\Core\Text;

/** Says in English what the core tells as keys and values. */
final class English
{
    public static function say(?Text $text): string
    {
        static $texts = null;
        $texts ??= Texts::english();

        return $texts->say($text);
    }

    /** What a reader is told when this is refused; empty where it is not. */
    public static function refusal(callable $read): string
    {
        try {
            $read();
        } catch (NotationException $refused) {
            return implode(
                "\n",
                array_map(static fn (NotationError $error): string => self::say($error->text()), $refused->errors),
            );
        } catch (ModelException | VocabularyException $refused) {
            return self::say($refused->text);
        }

        return '';
    }
}
