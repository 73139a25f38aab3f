<?php

declare(strict_types=1);

use Tests\Browser\BrowserTestCase;
use Tests\FeatureTestCase;

uses(FeatureTestCase::class)->in('Feature');
uses(BrowserTestCase::class)->in('Browser');
