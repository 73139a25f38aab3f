<?php

declare(strict_types=1);

namespace App\Persistence;

use Illuminate\Database\Connection;
use Illuminate\Database\Connectors\PostgresConnector;
use Override;
use PDO;

/**
 * For which school a connection asks: the database shows it no other school's rows. Commands, jobs and who is not
 * signed in ask for all.
 */
final class SecondWall extends PostgresConnector
{
    private const ALL = 'all';

    /** @param array<string, mixed> $config */
    #[Override]
    public function connect(array $config): PDO
    {
        $connection = parent::connect($config);
        // One that is kept may have asked for a school before.
        $connection->exec("select set_config('stonedrill.school', '".self::ALL."', false)");

        return $connection;
    }

    public static function keepTo(Connection $connection, int $school): void
    {
        self::set($connection, (string) $school);
    }

    public static function lift(Connection $connection): void
    {
        self::set($connection, self::ALL);
    }

    private static function set(Connection $connection, string $whom): void
    {
        $connection->select("select set_config('stonedrill.school', ?, false)", [$whom], false);
    }
}
