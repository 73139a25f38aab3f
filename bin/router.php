<?php

// Routes requests of PHP's built-in server: files of public/ as they are, everything else to the application.
$path = urldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
$public = dirname(__DIR__).'/public';
$file = realpath($public.$path);

if (
    $path !== '/'
    && $file !== false
    && str_starts_with($file, $public.DIRECTORY_SEPARATOR)
    && is_file($file)
    && ! str_ends_with($file, '.php')
) {
    return false;
}

$_SERVER['SCRIPT_NAME'] = '/index.php';

require $public.'/index.php';
