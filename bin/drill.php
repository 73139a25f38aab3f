<?php

declare(strict_types=1);

use App\Console\Drill\DrillApplication;
use App\View\Texts;

require dirname(__DIR__).'/vendor/autoload.php';

ini_set('memory_limit', '512M');
ini_set('display_errors', 'stderr');

exit((new DrillApplication(Texts::english()))->run());
