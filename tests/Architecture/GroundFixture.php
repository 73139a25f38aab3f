<?php

declare(strict_types=1);

namespace Tests\Architecture;

use Symfony\Component\Process\Process;

/** What the tests of Ground share. */
final class GroundFixture
{
    /**
     * Runs a script with all that bin/ground.sh has, in a folder of its own that the servers can reach; its last lines
     * are told.
     */
    public static function onGround(string $script, int $seconds = 120): string
    {
        $ground = dirname(__DIR__, 2).'/bin/ground.sh';
        $process = new Process(
            [
                'bash',
                '-c',
                <<<SH
                set -euo pipefail
                source '{$ground}'
                WORK="\$(mktemp -d /tmp/stone-drill-ground.XXXXXX)"; chmod 755 "\$WORK"
                [ "\$(id -u)" != 0 ] || chown postgres "\$WORK"
                KEEPER=
                cleanup() { trap - EXIT; [ -z "\$KEEPER" ] || { kill "\$KEEPER"; wait "\$KEEPER" || true; }; serve_stop || true; PG_STARTED=1; pg_stop || true; rm -rf "\$WORK"; }
                trap cleanup EXIT
                {$script}
                SH
                ,
            ],
            timeout: $seconds,
        );
        $process->run();

        return $process->getOutput().($process->isSuccessful() ? '' : 'FAILED '.$process->getErrorOutput());
    }
}
