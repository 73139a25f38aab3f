<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Database\Connection;

/** What the tests of FirstRelease share. */
final class FirstReleaseFixture
{
    /**
     * Every column, constraint, index, trigger and function of the schema.
     *
     * @return array<string, list<string>>
     */
    public static function schemaOf(Connection $connection, string $schema): array
    {
        // A dump that is read again spells casts and brackets in another way.
        $ask = fn (string $sql): array => array_map(
            fn (object $row): string => (string) preg_replace(
                '/::(?:text|character varying|double precision)(?:\[\])?|[()\[\]]/',
                '',
                implode(' · ', (array) $row),
            ),
            $connection->select($sql, [$schema]),
        );

        return [
            'columns' => $ask(
                'select table_name, column_name, data_type, character_maximum_length, is_nullable, column_default from information_schema.columns where table_schema = ? order by 1, 2',
            ),
            'constraints' => $ask(
                'select c.conrelid::regclass::text, c.conname, pg_get_constraintdef(c.oid) from pg_constraint c join pg_namespace n on n.oid = c.connamespace where n.nspname = ? and c.contype <> \'t\' order by 1, 2',
            ),
            'indexes' => $ask(
                'select tablename, indexname, indexdef from pg_indexes where schemaname = ? order by 1, 2',
            ),
            'triggers' => $ask(
                'select t.tgrelid::regclass::text, t.tgname, pg_get_triggerdef(t.oid) from pg_trigger t join pg_class c on c.oid = t.tgrelid join pg_namespace n on n.oid = c.relnamespace where n.nspname = ? and not t.tgisinternal order by 1, 2',
            ),
            'functions' => $ask(
                'select p.proname, pg_get_functiondef(p.oid) from pg_proc p join pg_namespace n on n.oid = p.pronamespace where n.nspname = ? order by 1',
            ),
        ];
    }
}
