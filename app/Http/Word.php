<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** One word of a request that no form describes. */
final class Word
{
    /** What is sent under a name; empty where it is no single word. */
    public static function in(Request $request, string $name): string
    {
        $value = $request->input($name);

        return is_string($value) ? $value : '';
    }
}
