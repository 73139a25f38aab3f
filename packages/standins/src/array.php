<?php

declare(strict_types=1);

/*
 * PHP 8.5 brings array_first() and array_last(); Laravel 12 already calls them.
 * The guards make this file inert on a PHP that has them.
 */

if (! function_exists('array_first')) {
    /**
     * The first value of an array in its own order, or null when it is empty.
     *
     * @param array<array-key, mixed> $array
     */
    function array_first(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_first($array)];
    }
}

if (! function_exists('array_last')) {
    /**
     * The last value of an array in its own order, or null when it is empty.
     *
     * @param array<array-key, mixed> $array
     */
    function array_last(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_last($array)];
    }
}
