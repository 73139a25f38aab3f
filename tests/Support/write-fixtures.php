<?php

declare(strict_types=1);

// Writes down what the core does, for the tests of the scripts: composer fixtures.
use Tests\Support\DrillFixture;

require dirname(__DIR__, 2).'/vendor/autoload.php';

file_put_contents(DrillFixture::FILE, DrillFixture::json());
