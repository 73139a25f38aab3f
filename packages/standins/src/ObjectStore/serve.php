<?php

declare(strict_types=1);

/*
 * Answers for php -S: OBJECT_STORE_FOLDER=… OBJECT_STORE_KEY=… php -S 127.0.0.1:9000
 * packages/standins/src/ObjectStore/serve.php
 */

use StoneDrill\StandIns\ObjectStore\ObjectStore;

require __DIR__.'/Reply.php';
require __DIR__.'/ObjectStore.php';

[$path, $query] = [...explode('?', (string) $_SERVER['REQUEST_URI'], 2), ''];
parse_str($query, $asked);
$store = new ObjectStore((string) getenv('OBJECT_STORE_FOLDER'), (string) getenv('OBJECT_STORE_KEY'));
$store
    ->answer($_SERVER['REQUEST_METHOD'], $path, $asked, array_change_key_case(getallheaders()), 'php://input')
    ->send($_SERVER['REQUEST_METHOD'] !== 'HEAD');
