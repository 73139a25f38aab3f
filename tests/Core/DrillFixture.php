<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Console\Drill\DrillApplication;
use App\View\Texts;
use Symfony\Component\Console\Tester\ApplicationTester;

/** What the tests of Drill share. */
final class DrillFixture
{
    /** @return array{int, string, string} exit code, standard output, standard error */
    public static function drill(array $input): array
    {
        $application = new DrillApplication(Texts::english());
        $application->setAutoExit(false);
        $tester = new ApplicationTester($application);
        $code = $tester->run($input, ['capture_stderr_separately' => true]);

        return [$code, $tester->getDisplay(true), $tester->getErrorOutput(true)];
    }

    public static function smallFile(): string
    {
        return dirname(__DIR__).'/fixtures/small.yaml';
    }

    public static function temporary(string $text, string $ending = 'yaml'): string
    {
        $path = tempnam(sys_get_temp_dir(), 'drill').'.'.$ending;
        file_put_contents($path, $text);
        register_shutdown_function(fn () => @unlink($path));

        return $path;
    }
}
