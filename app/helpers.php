<?php

declare(strict_types=1);

use App\View\Texts;
use StoneDrill\Core\Text;

if (! function_exists('say')) {
    /** A text of the core in the reader's words, where it is not echoed by Blade itself. */
    function say(Text|string|int|float|null $text): string
    {
        return app(Texts::class)->say($text);
    }
}
