<?php

declare(strict_types=1);

use Tests\Architecture\GroundFixture;

it(
    'puts a backup on an empty machine, where the same is there, and over a later state, and refuses another key',
    function (): void {
        $said = GroundFixture::onGround(
            <<<'SH'
            SITE="$ROOT"
            pg_start "$WORK/pg" throwaway
            password="$(new_password)"
            pg_role "$password"
            pg_database here
            pg_database elsewhere
            chmod 777 "$WORK"; mkdir -m 700 "$WORK/backups"
            export DB_HOST=127.0.0.1 DB_PORT="$PG_PORT" DB_USERNAME="$PG_ROLE" DB_PASSWORD="$password" BACKUP_FOLDER="$WORK/backups" BACKUP_KEY=one CACHE_STORE=array
            export APP_KEY="base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=" APP_CONFIG_CACHE="$WORK/config.php" APP_ROUTES_CACHE="$WORK/routes.php" LOG_CHANNEL=stderr QUEUE_CONNECTION=sync
            cd "$ROOT"
            # A dump that is read again spells casts and brackets in another way.
            plain() { sed -E 's/::(text|character varying|double precision)(\[\])?//g; s/[][()]//g'; }
            rows() { PGPASSWORD="$password" "$(pg_bin)/pg_dump" -h 127.0.0.1 -p "$PG_PORT" -U "$PG_ROLE" -d "$1" --data-only --inserts --no-owner --exclude-table=cache | grep -vE '^(--|.(un)?restrict |SELECT pg_catalog.setval)' | sort | sha256sum; }
            shape() { PGPASSWORD="$password" "$(pg_bin)/pg_dump" -h 127.0.0.1 -p "$PG_PORT" -U "$PG_ROLE" -d "$1" --schema-only --no-owner --no-privileges | grep -vE '^(--|.(un)?restrict )' | plain | sort | sha256sum; }
            # Each of the two has its own folder for what is not in the database.
            mkdir -p "$WORK"/{here,elsewhere}/{app,logs,framework/{cache,sessions,views}}
            export LARAVEL_STORAGE_PATH="$WORK/here"
            DB_DATABASE=here php artisan stone-drill:prepare --demo >/dev/null
            DB_DATABASE=here php artisan stone-drill:backup
            file="$(ls "$WORK"/backups/*.drill-backup)"
            before="$(rows here) $(shape here)"
            echo "rows $(pg_ask here 'select count(*) > 1000 from reps')"

            LARAVEL_STORAGE_PATH="$WORK/elsewhere" DB_DATABASE=elsewhere php artisan stone-drill:restore "$file" --force
            [ "$(rows elsewhere) $(shape elsewhere)" = "$before" ] && echo 'the same elsewhere'
            files() { (cd "$WORK/$1/footage" && find . -type f -exec sha256sum {} + | sort); }
            echo "files $(files here | wc -l)"
            [ "$(files here)" = "$(files elsewhere)" ] && echo 'the same pictures and clips'

            # What came after goes, a table of a later release too.
            pg_ask here "create table later (id int); alter table later owner to $PG_ROLE; update students set name = 'Somebody'"
            DB_DATABASE=here php artisan stone-drill:restore "$file" --force
            [ "$(rows here) $(shape here)" = "$before" ] && echo 'the same again'

            # One of an earlier release: the dump alone.
            DB_DATABASE=here php -r 'require "vendor/autoload.php"; (require "bootstrap/app.php")->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap(); (new App\Backup\Seal("one"))->write(fopen($argv[1], "wb"), ["app_key" => getenv("APP_KEY"), "migrations" => []], app(App\Backup\Database::class)->dump());' "$WORK/early"
            DB_DATABASE=here php artisan stone-drill:restore "$WORK/early" --force
            [ "$(rows here) $(shape here)" = "$before" ] && echo 'the same from an earlier release'

            BACKUP_KEY=two DB_DATABASE=here php artisan stone-drill:restore "$file" --force || echo "refused"
            head -c -100 "$file" >"$WORK/cut"
            DB_DATABASE=here php artisan stone-drill:restore "$WORK/cut" --force || echo "refused too"
            [ "$(rows here) $(shape here)" = "$before" ] && echo 'nothing changed'
            SH
            ,
            300,
        );

        expect($said)->toContain('rows t')
            ->toContain('the same elsewhere')
            ->toContain('files 8')
            ->toContain('the same pictures and clips')
            ->toContain('the same again')
            ->toContain('the same from an earlier release')
            ->toContain("refused\n")
            ->toContain('refused too')
            ->toContain('nothing changed')
            ->not->toContain('FAILED');
    },
);
