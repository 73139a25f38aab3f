<?php

declare(strict_types=1);

namespace App\Backup;

use Generator;
use Illuminate\Contracts\Config\Repository;
use Symfony\Component\Process\Process;

/** The whole database, as PostgreSQL's own programs write and read it. */
final readonly class Database
{
    private const SECONDS = 3_600;

    /**
     * Everything of the schema, what a later release has added to it too. The application may not drop the schema
     * itself.
     */
    private const DROP_ALL = <<<'SQL'
    do $$
    declare each record;
    begin
        for each in select oid::regclass as name,
            case relkind when 'v' then 'view' when 'm' then 'materialized view' else 'table' end as kind
            from pg_class where relnamespace = 'public'::regnamespace and relkind in ('r', 'p', 'v', 'm') loop
            execute format('drop %s if exists %s cascade', each.kind, each.name);
        end loop;
        for each in select oid::regprocedure as name from pg_proc where pronamespace = 'public'::regnamespace loop
            execute format('drop routine if exists %s cascade', each.name);
        end loop;
        for each in select oid::regclass as name from pg_class where relnamespace = 'public'::regnamespace
            and relkind = 'S' loop
            execute format('drop sequence if exists %s cascade', each.name);
        end loop;
    end
    $$;

    SQL;

    public function __construct(private Repository $config) {}

    /**
     * @throws BackupFailed
     *
     * @return Generator<int, string> in pieces
     */
    public function dump(): Generator
    {
        $process = $this->program('pg_dump', [
            '--format=custom',
            '--no-owner',
            '--no-privileges',
            '--schema=public',
            '--enable-row-security',
        ]);
        $process->start();
        foreach ($process->getIterator(Process::ITER_SKIP_ERR) as $piece) {
            yield $piece;
        }
        if ($process->wait() !== 0) {
            throw BackupFailed::program('pg_dump', $process->getErrorOutput());
        }
    }

    /**
     * Puts a dump in the place of everything that is there; all of it, or nothing is changed.
     *
     * @param Generator<int, string> $dump in pieces
     *
     * @throws BackupFailed
     */
    public function restore(Generator $dump): void
    {
        $script = $this->program('pg_restore', ['--no-owner', '--no-privileges', '--schema=public', '--file=-'], false);
        $script->setInput($dump);
        $psql = $this->program('psql', [
            '--no-psqlrc',
            '--quiet',
            '--single-transaction',
            '--set=ON_ERROR_STOP=1',
            '--output=/dev/null',
        ]);
        $psql->setInput($this->inPlaceOfAll($script));
        if ($psql->run() !== 0) {
            throw BackupFailed::program('psql', $psql->getErrorOutput());
        }
    }

    /** @return Generator<int, string> */
    private function inPlaceOfAll(Process $script): Generator
    {
        yield self::DROP_ALL;
        $script->start();
        foreach ($script->getIterator(Process::ITER_SKIP_ERR) as $piece) {
            yield $piece;
        }
        if ($script->wait() !== 0) {
            // What cannot be read as SQL undoes all that was read before.
            yield "\nselect 1 / 0;\n";
        }
    }

    /** @param list<string> $options */
    private function program(string $name, array $options, bool $connects = true): Process
    {
        $own = (array) $this->config->get('database.connections.pgsql');
        $where = [
            '--host='.$own['host'],
            '--port='.$own['port'],
            '--username='.$own['username'],
            '--dbname='.$own['database'],
            '--no-password',
        ];

        return new Process(
            [self::path($name), ...$options, ...$connects ? $where : []],
            env: [
                'PGPASSWORD' => (string) $own['password'],
                'PGOPTIONS' => '-c lock_timeout=30s -c stonedrill.school=all',
            ],
            timeout: self::SECONDS,
        );
    }

    /** The newest that is installed: an older one cannot read a newer server. */
    private static function path(string $name): string
    {
        $installed = glob("/usr/lib/postgresql/*/bin/{$name}") ?: [];
        natsort($installed);

        return $installed === [] ? $name : (string) end($installed);
    }
}
