<?php

declare(strict_types=1);

use Tests\Architecture\GroundFixture;

it(
    'takes over a cluster that let everybody in, with its data, and lets in nobody without a password',
    function (): void {
        $said = GroundFixture::onGround(
            <<<'SH'
            bin="$(pg_bin)"
            if [ "$(id -u)" = 0 ]; then install -d -o postgres -g postgres -m 700 "$WORK/pg"; fi
            as_pg "$bin/initdb" -D "$WORK/pg" -U stone_drill -E UTF8 --locale=C.UTF-8 -A trust >/dev/null 2>&1
            PG_DATA="$WORK/pg" PG_MODE=throwaway PG_PORT="$(free_port 54500)"
            pg_run
            "$bin/psql" -h 127.0.0.1 -p "$PG_PORT" -U stone_drill -d postgres -Xqc 'create database stone_drill'
            "$bin/psql" -h 127.0.0.1 -p "$PG_PORT" -U stone_drill -d stone_drill -Xqc "create table kept (id serial primary key, word text); insert into kept (word) values ('stone');
                create function said() returns text language sql as 'select word from kept'"

            # It runs still, as one does that was not ended.
            pg_start "$WORK/pg" throwaway
            pg_role secret
            pg_database stone_drill
            pg_database stone_drill
            app() { PGPASSWORD="$1" "$bin/psql" -h 127.0.0.1 -p "$PG_PORT" -U "$2" -d stone_drill -XAtqc "$3" 2>&1 | tail -n 1; }
            echo "kept: $(app secret "$PG_ROLE" 'select said()')"
            echo "writes: $(app secret "$PG_ROLE" "alter table kept add column more text; insert into kept (word) values ('more') returning id; drop function said()")"
            echo "no password: $(app '' stone_drill 'select 1')"
            echo "no password: $(app '' "$PG_ROLE" 'select 1')"
            echo "a wrong one: $(app wrong stone_drill 'select 1')"
            echo "rights: $(app secret "$PG_ROLE" "select rolsuper or rolcreatedb or rolcreaterole or rolreplication or rolbypassrls from pg_roles where rolname = current_user")"
            echo "others: $(app secret "$PG_ROLE" 'create database another')"
            echo "files: $(app secret "$PG_ROLE" "select pg_read_file('/etc/passwd')")"
            echo "doors: $(as_pg grep -v '^#' "$WORK/pg/pg_hba.conf")"
            echo "secret: $(stat -c %a "$(pg_secret "$WORK/pg")")"
            SH
            ,
        );

        expect($said)->toContain('kept: stone')
            ->toContain('writes: 2')
            ->toContain('rights: f')
            ->toContain('doors: host all all 127.0.0.1/32 scram-sha-256'."\n")
            ->toContain('secret: 600')
            ->toContain('others: ERROR:  permission denied to create database')
            ->toContain('files: ERROR:  permission denied for function pg_read_file')
            ->and(substr_count($said, 'no password supplied'))->toBe(2)
            ->and($said)->toContain('password authentication failed');
    },
);

it('runs nothing as root, keeps its files to itself, and starts again what has died', function (): void {
    $said = GroundFixture::onGround(
        <<<'SH'
        need_site
        pg_start "$WORK/pg" throwaway
        pg_role secret
        pg_database stone_drill
        SERVER_ENV=(APP_KEY="base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=" APP_ENV=local APP_DEBUG=false DB_HOST=127.0.0.1 DB_PORT="$PG_PORT" DB_DATABASE=stone_drill DB_USERNAME="$PG_ROLE" DB_PASSWORD=secret
            APP_PACKAGES_CACHE="$WORK/site/packages.php" APP_SERVICES_CACHE="$WORK/site/services.php")
        port="$(free_port 8500)"
        SERVER_ENV+=(APP_URL="http://127.0.0.1:$port") WORKERS=2
        serve "$port" "$WORK/site"
        launch schedule
        (trap 'serve_stop; exit 0' TERM; keep_alive 2>/dev/null) & KEEPER=$!
        up() { php -r '$c = curl_init($argv[1]); curl_setopt($c, CURLOPT_RETURNTRANSFER, true); curl_exec($c); echo curl_getinfo($c, CURLINFO_RESPONSE_CODE);' "http://127.0.0.1:$port/up"; }
        back() { for _ in $(seq 100); do [ "$(up)" = 200 ] && { echo back; return; }; sleep 0.1; done; echo gone; }
        echo "first: $(up)"
        as_root() { local pid; for pid in $(ps -eo pid=,sid= | awk -v s=" ${PIDS[php]} ${PIDS[web]} ${PIDS[schedule]} " 'index(s, " " $2 " ") { print $1 }'); do stat -c %U "/proc/$pid"; done | sort -u; }
        echo "users: $(as_root)"
        echo "modes: $(find "$WORK/site" -type f -perm /077 | wc -l)"
        # Somebody who connects and says nothing is let go of, and nobody else is kept out meanwhile.
        php -r '$all = []; for ($i = 0; $i < 300; $i++) { $all[] = stream_socket_client("tcp://127.0.0.1:$argv[1]"); } $c = curl_init("http://127.0.0.1:$argv[1]/up"); curl_setopt($c, CURLOPT_RETURNTRANSFER, true); curl_exec($c); echo "beside idle ones: ", curl_getinfo($c, CURLINFO_RESPONSE_CODE), "\n"; stream_set_timeout($all[0], 15); fread($all[0], 1); echo "idle: ", feof($all[0]) ? "closed" : "open", "\n";' "$port"
        pkill -9 -P "${PIDS[php]}"; echo "workers: $(back)"
        for name in php web schedule; do kill -9 "${PIDS[$name]}"; sleep 1.5; echo "$name: $(back)"; done
        kill -9 "$(as_pg sed -n 1p "$PG_DATA/postmaster.pid")"; sleep 0.3; echo "without database: $(up)"; echo "database: $(back)"
        SH
        ,
    );
    $user = posix_geteuid() === 0 ? 'stone-drill' : posix_getpwuid(posix_geteuid())['name'];

    expect($said)->toContain('first: 200')
        ->toContain("users: {$user}\n")
        ->toContain('modes: 0')
        ->toContain('beside idle ones: 200')
        ->toContain('idle: closed')
        ->toContain('php: back')
        ->toContain('web: back')
        ->toContain('schedule: back')
        ->toContain('without database: 503')
        ->toContain('database: back')
        ->toContain('workers: back');
});
