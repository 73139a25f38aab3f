<?php

declare(strict_types=1);

namespace App\Watch;

use App\Backup\Backups;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** Whether this installation does its work: asked from outside, by somebody who may know. */
final readonly class Health
{
    /** Seconds a job may wait before nobody is taken to work. */
    private const PATIENCE = 120;

    /** Share of the disk that must be free. */
    private const FREE = 0.05;

    /** Seconds after which a nightly backup is missed: a day, and time to make it. */
    private const BACKUP = 93_600;

    public function __construct(private Backups $backups, private Repository $config) {}

    /** @return array<string, array<string, mixed>> what each part says of itself, `ok` first */
    public function parts(): array
    {
        $database = $this->database();

        return [
            'database' => $database,
            'queue' => $database['ok'] ? $this->queue() : ['ok' => false],
            'disk' => $this->disk(),
            'backup' => $this->backup(),
        ];
    }

    /** @return array{ok: bool, milliseconds: ?float} */
    private function database(): array
    {
        $start = hrtime(true);
        try {
            DB::select('select 1');
        } catch (QueryException) {
            return ['ok' => false, 'milliseconds' => null];
        }

        return ['ok' => true, 'milliseconds' => round((hrtime(true) - $start) / 1e6, 1)];
    }

    /** @return array{ok: bool, waiting: int, oldest_seconds: int, failed: int} */
    public function queue(): array
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $waiting = DB::table('jobs')->whereNull('reserved_at')->where('available_at', '<=', $now);
        $oldest = max(0, $now - (int) ($waiting->min('available_at') ?? $now));

        return [
            'ok' => $oldest <= self::PATIENCE,
            'waiting' => $waiting->count(),
            'oldest_seconds' => $oldest,
            'failed' => DB::table('failed_jobs')->count(),
        ];
    }

    /** @return array{ok: bool, free_bytes: int, free_share: float} */
    public function disk(): array
    {
        $free = (float) disk_free_space(storage_path());
        $share = $free / max(1.0, (float) disk_total_space(storage_path()));

        return ['ok' => $share >= self::FREE, 'free_bytes' => (int) $free, 'free_share' => round($share, 3)];
    }

    /** @return array{ok: bool, age_seconds: ?int} an installation that is younger than a day need not have one */
    public function backup(): array
    {
        $last = $this->backups->all()[0] ?? null;
        $now = CarbonImmutable::now()->getTimestamp();
        $since = $last === null ? (int) filemtime($this->config->get('installation.born')) : $last->at->getTimestamp();

        return ['ok' => $now - $since <= self::BACKUP, 'age_seconds' => $last === null ? null : $now - $since];
    }
}
