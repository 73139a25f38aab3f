<?php

declare(strict_types=1);

namespace Tests\Architecture;

use Symfony\Component\Process\Process;

/** What the tests of Commands share. */
final class CommandsFixture
{
    /** @return array{int, string} exit code and everything it said */
    public static function runScript(string ...$words): array
    {
        $root = dirname(__DIR__, 2);
        $process = new Process(['bash', $root.'/bin/'.array_shift($words), ...$words], $root, timeout: 60);
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput().$process->getErrorOutput()];
    }
}
