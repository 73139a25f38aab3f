<?php

declare(strict_types=1);

/*
 * Answers for php -S: OBJECT_STORE_FOLDER=… OBJECT_STORE_KEY=… php -S 127.0.0.1:9000 packages/standins/src/ObjectStore/serve.php
 */

use StoneDrill\StandIns\ObjectStore\ObjectStore;

require __DIR__.'/ObjectStore.php';

$store = new ObjectStore((string) getenv('OBJECT_STORE_FOLDER'), (string) getenv('OBJECT_STORE_KEY'));
[$path, $query] = [...explode('?', (string) $_SERVER['REQUEST_URI'], 2), ''];
parse_str($query, $asked);
[$status, $headers, $text, $file] = $store->answer((string) $_SERVER['REQUEST_METHOD'], $path, array_filter($asked, is_string(...)), array_change_key_case(getallheaders()), fopen('php://input', 'rb'));
http_response_code($status);
foreach ($headers as $name => $value) {
    header("{$name}: {$value}");
}
if ($file === null) {
    echo $text;
} elseif ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
    $from = fopen($file[0], 'rb');
    fseek($from, $file[1]);
    stream_copy_to_stream($from, fopen('php://output', 'wb'), $file[2]);
}
