<?php

declare(strict_types=1);

use App\Models\User;
use App\View\Texts;
use Carbon\CarbonInterface;
use Illuminate\Support\Arr;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Text;

if (! function_exists('say')) {
    /** A text of the core in the reader's words, where it is not echoed by Blade itself. */
    function say(Text|string|int|float|null $text): string
    {
        return app(Texts::class)->say($text);
    }
}

if (! function_exists('texts')) {
    /**
     * The texts under a key that holds several, such as the heads of a table. A key without words is shown as it is.
     *
     * @return array<array-key, mixed>
     */
    function texts(string $key): array
    {
        $found = __($key);

        return is_array($found) ? $found : [$key => $key];
    }
}

if (! function_exists('school_time')) {
    /** A moment by the clock of the school of whoever is signed in, in a format of PHP. */
    function school_time(?CarbonInterface $at, string $format = 'j M Y, H:i'): string
    {
        $user = auth()->user();

        return $at?->setTimezone($user instanceof User ? $user->school->timeZone() : 'UTC')->format($format)
            ?? __('words.never');
    }
}

if (! function_exists('sided')) {
    /** The title of an attack with the side it is meant on, where that is not the one that it is written for. */
    function sided(string $title, Side $side): string
    {
        return $title.($side === Side::Mirrored ? __('words.in-brackets.mirrored') : '');
    }
}

if (! function_exists('ticked')) {
    /**
     * What is ticked of several under one name: as it was sent where its form comes back, also where that was nothing.
     *
     * @param list<int|string> $else   what is so far
     * @param string|null      $beside a field that its form always sends, where the page has others
     *
     * @return list<string>
     */
    function ticked(string $field, array $else = [], ?string $beside = null): array
    {
        $isBack = $beside === null ? session()->hasOldInput() : Arr::has(session()->getOldInput(), $beside);
        $ticked = $isBack ? (array) old($field) : $else;

        return array_map(strval(...), array_values(array_filter($ticked, is_scalar(...))));
    }
}
