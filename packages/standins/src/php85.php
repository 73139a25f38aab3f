<?php

declare(strict_types=1);

/*
 * PHP 8.5 brings array_first(), array_last(), get_exception_handler() and get_error_handler(); Laravel 12 already
 * calls them, the last two when its tests clean up. The guards make this file inert on a PHP that has them.
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

if (! function_exists('get_exception_handler')) {
    /** The handler that uncaught exceptions go to, or null when there is none. */
    function get_exception_handler(): ?callable
    {
        $handler = set_exception_handler(null);
        restore_exception_handler();

        return $handler;
    }
}

if (! function_exists('get_error_handler')) {
    /** The handler that errors go to, or null when there is none. */
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(null);
        restore_error_handler();

        return $handler;
    }
}
