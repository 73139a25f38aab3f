# What bin/start, bin/test and bin/drill share: the machine's packages, the Composer packages, a private PostgreSQL
# cluster and the web server on loopback. Sourced, never run.

# Asked for help, a command says what stands at its head; bin/drill has a help of its own for each verb.
case "$(basename -- "$0") ${1:-}" in
    drill\ *) ;;
    *\ -h|*\ --help) sed -n '2,/^[^#]/s/^# \{0,1\}//p' "$0"; exit 0 ;;
esac

ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd -P)"
PHP_EXTENSIONS="apcu pgsql mbstring xml intl curl zip gd"
# The owner of the cluster, whose password stays with whoever may read its data; and the role of the application, which is
# no superuser and owns nothing but its schema.
PG_SUPERUSER=stone_drill
PG_ROLE=stone_drill_app
# Started by root, the web server and what works beside it run as this user.
WEB_USER=stone-drill
# What is needed to serve it.
PARTS="app bin bootstrap config core database deploy docs lang packages public resources routes vendor artisan composer.json"
SERVER_ENV=()

say() { printf '%s\n' "· $*" >&2; }
die() { printf '%s\n' "Stone Drill: $*" >&2; exit 1; }

as_root() {
    if [ "$(id -u)" = 0 ]; then "$@"; elif command -v sudo >/dev/null; then sudo "$@"; else
        die "needs root or sudo to install: $*"
    fi
}

# These packages bring a service that listens on its own. Ours are started by hand, so theirs is masked before it can begin.
keep_services_off() {
    local package
    for package in "$@"; do
        case "$package" in
            caddy|php*-fpm|patroni|etcd-server|haproxy|pgbouncer)
                as_root mkdir -p /etc/systemd/system
                local service="${package%-server}"
                [ -e "/etc/systemd/system/$service.service" ] || as_root ln -s /dev/null "/etc/systemd/system/$service.service" ;;
        esac
    done
}

# Installs the Debian packages among its arguments that are not there yet.
need_packages() {
    local missing=() package
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    command -v apt-get >/dev/null || die "this is not Debian; install by hand: ${missing[*]}"
    say "installing Debian packages: ${missing[*]}"
    keep_services_off "${missing[@]}"
    as_root env DEBIAN_FRONTEND=noninteractive apt-get update -qq >&2 || die "apt-get update failed"
    # The system's own PostgreSQL cluster is neither made nor touched.
    if [ ! -e /etc/postgresql-common/createcluster.conf ]; then
        as_root mkdir -p /etc/postgresql-common
        printf 'create_main_cluster = false\n' | as_root tee /etc/postgresql-common/createcluster.conf >/dev/null
        as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends -o Dpkg::Options::=--force-confold "${missing[@]}" >&2 || die "could not install ${missing[*]}"
    else
        as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >&2 || die "could not install ${missing[*]}"
    fi
}

need_php() {
    local packages=(php8.2-cli unzip git) extension
    if ! command -v php >/dev/null || ! php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);'; then
        command -v php >/dev/null && die "PHP 8.2 or later is needed, found $(php -r 'echo PHP_VERSION;')"
        need_packages "${packages[@]}"
    fi
    local loaded missing=()
    loaded="$(php -m | tr 'A-Z' 'a-z')"
    for extension in $PHP_EXTENSIONS; do
        grep -qx "$extension" <<<"$loaded" || missing+=("php$(php -r 'echo PHP_MAJOR_VERSION,".",PHP_MINOR_VERSION;')-$extension")
    done
    [ ${#missing[@]} -eq 0 ] || need_packages "${missing[@]}"
    command -v composer >/dev/null || need_packages composer
}

# Composer packages; made again only when composer.json or the stand-ins changed.
need_vendor() { # [--no-dev]
    local stamp="$ROOT/vendor/.stone-drill" wanted
    wanted="$(cat "$ROOT/composer.json" "$ROOT/packages/standins/composer.json" | sha256sum | cut -d' ' -f1)"
    if [ -f "$stamp" ] && { [ "$(cat "$stamp")" = "$wanted " ] || [ "$(cat "$stamp")" = "$wanted ${1:-}" ]; }; then return 0; fi
    say "installing Composer packages (a minute on a new machine)"
    (cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_IGNORE_PLATFORM_REQ=php+ composer update --no-interaction --no-progress --quiet "$@" >&2) || die "Composer could not install the packages"
    # php+: openspout names no PHP above 8.1 in the line that is there for this one; it runs on 8.2 (tests/Feature/SpreadsheetTest).
    # Some archives come readable for their owner alone; the web user reads them too.
    chmod -R go+rX "$ROOT/vendor"
    # What Laravel remembered of the packages that were here before.
    rm -f "$ROOT"/bootstrap/cache/*.php
    printf '%s %s' "$wanted" "${1:-}" >"$stamp"
}

# Node packages, for the tests only. Not npm ci: that refuses a lock file whose optional packages for other systems the
# registry at hand does not have; npm install takes the same versions from the same file and leaves it as it is.
need_npm() {
    local stamp="$ROOT/node_modules/.stone-drill" wanted
    wanted="$(sha256sum <"$ROOT/package-lock.json" | cut -d' ' -f1)"
    [ "$(cat "$stamp" 2>/dev/null || true)" = "$wanted" ] && return 0
    say "installing Node packages"
    (cd "$ROOT" && npm install --no-save --no-audit --no-fund --loglevel=error >&2) || die "npm could not install the packages"
    printf '%s' "$wanted" >"$stamp"
}

# A free port on loopback, from the given one upward.
free_port() {
    php -r 'for ($p = (int) $argv[1]; $p < $argv[1] + 200; $p++) { if ($s = @stream_socket_server("tcp://127.0.0.1:$p")) { fclose($s); echo $p; exit(0); } } exit(1);' "$1"
}

# The newest server's programs; a folder with a client alone does not count.
pg_bin() { ls -d /usr/lib/postgresql/*/bin/initdb 2>/dev/null | sort -V | tail -n 1 | xargs -r dirname; }

# PostgreSQL refuses to run as root: then the postgres user runs it, in a folder that this user can reach.
as_pg() {
    if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

# The web server never runs as root: then a user of its own does, who may do nothing else.
as_web() {
    if [ "$(id -u)" = 0 ]; then setpriv --reuid="$WEB_USER" --regid="$WEB_USER" --clear-groups --no-new-privs -- "$@"; else "$@"; fi
}

need_web_user() {
    [ "$(id -u)" != 0 ] || id "$WEB_USER" >/dev/null 2>&1 || useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$WEB_USER"
}

# What serves it, and what reads clips.
need_server() { need_packages caddy ffmpeg "php$(php -r 'echo PHP_MAJOR_VERSION,".",PHP_MINOR_VERSION;')-fpm"; }

# Gives files to the web user and to nobody else.
for_web_only() { # PATH …
    [ "$(id -u)" != 0 ] || chown -R "$WEB_USER:$WEB_USER" "$@"
    chmod -R u+rwX,go-rwx "$@"
}

# Sets SITE to the folder that is served: the checkout, or where the web user cannot reach it, such as in root's home, a copy.
need_site() {
    SITE="$ROOT"
    [ "$(id -u)" = 0 ] || return 0
    need_web_user
    if ! as_web test -r "$ROOT/artisan" || ! as_web test -r "$ROOT/vendor/autoload.php"; then
        SITE="/var/lib/$(site_name)"
        say "the web user cannot read $ROOT; serving a copy from $SITE"
        install -d -m 755 "$SITE"
        local part
        for part in $PARTS; do
            [ -e "$ROOT/$part" ] || continue
            rm -rf "${SITE:?}/$part"
            cp -a "$ROOT/$part" "$SITE/$part"
        done
        [ -e "$SITE/storage" ] || cp -a "$ROOT/storage" "$SITE/storage"
        chown -R root:root "$SITE"
        chmod -R u+rwX,go=rX "$SITE"
    fi
    for_web_only "$SITE/bootstrap/cache"
}

# The settings of the application, which nobody else may read, with a key and the password of its database role.
need_settings() {
    local file="$SITE/.env"
    [ -f "$file" ] || (umask 077 && cp "$ROOT/.env.example" "$file")
    for_web_only "$file"
    # Settings of earlier releases: a cluster that let everybody in, a log that grew without end, no queue, mail into the log.
    sed -i -e "s/^DB_USERNAME=stone_drill\$/DB_USERNAME=$PG_ROLE/" -e 's/^LOG_CHANNEL=single$/LOG_CHANNEL=daily/' -e 's/^QUEUE_CONNECTION=sync$/QUEUE_CONNECTION=database/' -e 's/^MAIL_MAILER=log$/MAIL_MAILER=outbox/' "$file"
    [ -n "$(setting APP_KEY)" ] || set_setting APP_KEY "base64:$(head -c 32 /dev/urandom | base64)"
    [ -n "$(setting DB_PASSWORD)" ] || set_setting DB_PASSWORD "$(new_password)"
    [ -n "$(setting WATCH_TOKEN)" ] || set_setting WATCH_TOKEN "$(new_password)"
}

setting() { sed -n "s/^$1=//p" "$SITE/.env" | tail -n 1; }

set_setting() { # NAME VALUE
    if grep -q "^$1=" "$SITE/.env"; then sed -i "s|^$1=.*|$1=$2|" "$SITE/.env"; else printf '%s=%s\n' "$1" "$2" >>"$SITE/.env"; fi
}

new_password() { head -c 32 /dev/urandom | base64 | tr -dc 'A-Za-z0-9'; }

# Where the owner's password of a cluster lies: beside its data, for whoever runs this alone.
pg_secret() { printf '%s.pgpass' "$1"; }

# Makes a password for the owner of the cluster. The cluster stands still meanwhile, so that nobody else can set one.
pg_lock() { # DATA_DIRECTORY
    local bin password secret; bin="$(pg_bin)"; secret="$(pg_secret "$1")"; password="$(new_password)"
    if as_pg "$bin/pg_ctl" -D "$1" status >/dev/null 2>&1; then as_pg "$bin/pg_ctl" -D "$1" -m fast -w stop >/dev/null; fi
    printf "alter role %s password '%s'\n" "$PG_SUPERUSER" "$password" | as_pg "$bin/postgres" --single -D "$1" postgres >/dev/null 2>&1 \
        || die "could not give the cluster in $1 a password; is another server using it?"
    (umask 077 && printf '*:*:*:%s:%s\n' "$PG_SUPERUSER" "$password" >"$secret")
    printf '# Stone Drill: nobody without a password\nhost all all 127.0.0.1/32 scram-sha-256\n' | as_pg tee "$1/pg_hba.conf" >/dev/null
    as_pg chmod 600 "$1/pg_hba.conf"
}

# Starts a cluster of our own. Sets PG_PORT; PG_STARTED is 1 when this call started it.
pg_start() { # DATA_DIRECTORY [durable|throwaway]
    PG_DATA="$1"; PG_MODE="${2:-durable}"; PG_STARTED=0
    local bin; bin="$(pg_bin)"
    [ -n "$bin" ] || die "PostgreSQL's programs are not under /usr/lib/postgresql"
    if ! as_pg test -f "$PG_DATA/PG_VERSION"; then
        say "making a private PostgreSQL cluster in $PG_DATA"
        mkdir -p "$(dirname "$PG_DATA")"
        if [ "$(id -u)" = 0 ]; then install -d -o postgres -g postgres -m 700 "$PG_DATA"; else install -d -m 700 "$PG_DATA"; fi
        # It gets its password before it is started for the first time.
        as_pg "$bin/initdb" -D "$PG_DATA" -U "$PG_SUPERUSER" -E UTF8 --locale=C.UTF-8 >/dev/null 2>&1 || die "initdb failed in $PG_DATA"
    fi
    if [ ! -f "$(pg_secret "$PG_DATA")" ] || ! as_pg grep -q '^# Stone Drill' "$PG_DATA/pg_hba.conf"; then pg_lock "$PG_DATA"; fi
    if as_pg "$bin/pg_ctl" -D "$PG_DATA" status >/dev/null 2>&1; then
        PG_PORT="$(as_pg sed -n 4p "$PG_DATA/postmaster.pid")"
        return 0
    fi
    PG_PORT="$(free_port 54310)" || die "no free port for PostgreSQL from 54310 on"
    pg_run || die "PostgreSQL did not start; see $PG_DATA/log"
}

# Starts the cluster on the port that it has, after it has died too.
pg_run() {
    local options="-p $PG_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories= -c shared_buffers=128MB -c log_file_mode=0600"
    # A file a weekday, each begun anew a week later.
    options="$options -c logging_collector=on -c log_directory=logs -c log_filename=%a.log -c log_truncate_on_rotation=on -c log_rotation_age=1d"
    options="$options -c idle_session_timeout=10min -c idle_in_transaction_session_timeout=1min -c tcp_keepalives_idle=60"
    [ "$PG_MODE" = throwaway ] && options="$options -c fsync=off -c synchronous_commit=off -c full_page_writes=off"
    as_pg "$(pg_bin)/pg_ctl" -D "$PG_DATA" -o "$options" -l "$PG_DATA/log" -w -t 60 start >/dev/null 2>&1 || return 1
    PG_STARTED=1
}

pg_stop() {
    [ "${PG_STARTED:-0}" = 1 ] && as_pg "$(pg_bin)/pg_ctl" -D "$PG_DATA" -m fast -w stop >/dev/null 2>&1
    PG_STARTED=0
}

pg_answers() { "$(pg_bin)/pg_isready" -q -h 127.0.0.1 -p "$PG_PORT" -t 3; }

# A question to the cluster as its owner.
pg_ask() { # DATABASE SQL
    PGPASSFILE="$(pg_secret "$PG_DATA")" "$(pg_bin)/psql" -h 127.0.0.1 -p "$PG_PORT" -U "$PG_SUPERUSER" -d "$1" -XAtqc "$2"
}

# Makes the role of the application, with this password.
pg_role() { # PASSWORD
    [ -n "$(pg_ask postgres "select 1 from pg_roles where rolname = '$PG_ROLE'")" ] || pg_ask postgres "create role $PG_ROLE login"
    pg_ask postgres "alter role $PG_ROLE nosuperuser nocreatedb nocreaterole noreplication nobypassrls password '$1'"
}

# Makes a database in which the application's role owns its schema, what an earlier release left in it too.
pg_database() { # NAME
    [ -n "$(pg_ask postgres "select 1 from pg_database where datname = '$1'")" ] || pg_ask postgres "create database $1"
    pg_ask postgres "revoke all on database $1 from public; grant connect, temporary on database $1 to $PG_ROLE"
    pg_ask "$1" "do \$\$
        declare each record;
        begin
            execute 'alter schema public owner to $PG_ROLE';
            revoke all on schema public from public;
            for each in select c.oid::regclass::text as name, c.relkind from pg_class c where c.relnamespace = 'public'::regnamespace
                and c.relkind in ('r', 'p', 'v', 'm') and c.relowner <> '$PG_ROLE'::regrole loop
                execute format('alter table %s owner to $PG_ROLE', each.name);
            end loop;
            for each in select p.oid::regprocedure::text as name from pg_proc p where p.pronamespace = 'public'::regnamespace and p.proowner <> '$PG_ROLE'::regrole loop
                execute format('alter routine %s owner to $PG_ROLE', each.name);
            end loop;
        end
        \$\$"
}

# What the data of this checkout is called.
site_name() { printf 'stone-drill-%s' "$(printf '%s' "$ROOT" | sha256sum | cut -c1-10)"; }

# Where it lives: out of root's home for the postgres user, in the user's own home otherwise.
pg_home() {
    if [ "$(id -u)" = 0 ]; then printf '/var/lib/postgresql/%s' "$(site_name)"; else printf '%s/%s' "${XDG_DATA_HOME:-$HOME/.local/share}" "$(site_name)"; fi
}

fpm() { command -v php-fpm || ls /usr/sbin/php-fpm8* 2>/dev/null | sort -V | tail -n 1; }

# Serves SITE on loopback with Caddy and PHP-FPM.
serve() { # PORT STORAGE_DIRECTORY
    SERVER_PORT="$1" SERVER_STORAGE="$2"
    SERVER_RUN="$(mktemp -d /tmp/stone-drill-run.XXXXXX)"
    mkdir -p "$SERVER_STORAGE"/{app,logs,framework/{cache,sessions,views}}
    # What the programs themselves say is little; it is begun anew before it grows large.
    [ "$(stat -c %s "$SERVER_STORAGE/logs/server.log" 2>/dev/null || echo 0)" -lt 5000000 ] || mv "$SERVER_STORAGE/logs/server.log" "$SERVER_STORAGE/logs/server.log.1"
    for_web_only "$SERVER_STORAGE" "$SERVER_RUN"
    # Read at once instead of in forty files; they go with the server.
    served config:cache && served route:cache && served event:cache || die "the settings cannot be put together"
    launch php
    launch web
    for _ in $(seq 100); do
        # Both: a web server that listens before PHP does answers with 502.
        [ -S "$SERVER_RUN/php.sock" ] && php -r 'exit(@fsockopen("127.0.0.1", (int) $argv[1], $e, $m, 1) ? 0 : 1);' "$1" 2>/dev/null && return 0
        lives web && lives php || break
        sleep 0.1
    done
    tail -n 5 "$SERVER_STORAGE/logs/server.log" >&2; die "the web server did not start on port $1"
}

serve_stop() {
    local name
    for name in ${!PIDS[@]}; do end "$name"; done
    rm -rf "${SERVER_RUN:-/nonexistent}"
}

# What is started here and kept alive, by its name: the leader of its group of processes.
declare -A PIDS=()

launch() { # NAME
    # What answers, and the jobs, run compiled.
    local compiled=(env PHP_INI_SCAN_DIR=":$SITE/deploy/compiled")
    case "$1" in
        # What the compiler keeps is set aside before the pool reads its own file.
        # Nor does a release change while it is served: nothing is looked at again, unless somebody works on it.
        php) as_group "$1" "${compiled[@]}" "$(fpm)" -d opcache.validate_timestamps="${IN_WORK:-0}" --nodaemonize --fpm-config "$SITE/deploy/php-fpm.conf" ;;
        web) as_group "$1" caddy run --adapter caddyfile --config "$SITE/deploy/Caddyfile" ;;
        queue) as_group "$1" "${compiled[@]}" php -d variables_order=EGPCS artisan queue:work --queue=default,later --quiet --sleep=0.3 --tries=2 --backoff=1 --timeout=300 ;;
        schedule) as_group "$1" php -d variables_order=EGPCS artisan schedule:work --quiet ;;
    esac
}

# What is served is asked with.
server_env() {
    printf '%s\n' HOME="$SERVER_RUN" XDG_DATA_HOME="$SERVER_RUN" XDG_CONFIG_HOME="$SERVER_RUN" \
        STONE_DRILL_PORT="$SERVER_PORT" STONE_DRILL_RUN="$SERVER_RUN" STONE_DRILL_LOGS="$SERVER_STORAGE/logs" STONE_DRILL_PUBLIC="$SITE/public" \
        STONE_DRILL_WORKERS="${WORKERS:-4}" LARAVEL_STORAGE_PATH="$SERVER_STORAGE" "${SERVER_ENV[@]}" \
        APP_CONFIG_CACHE="$SERVER_RUN/config.php" APP_ROUTES_CACHE="$SERVER_RUN/routes.php" APP_EVENTS_CACHE="$SERVER_RUN/events.php"
}

# A command of the application as it is served.
served() { # COMMAND …
    local own; mapfile -t own < <(server_env)
    (umask 077; cd "$SITE" && as_web env "${own[@]}" php -d variables_order=EGPCS artisan "$@" >/dev/null)
}

# Runs a program as the web user, in a group of its own.
as_group() { # NAME PROGRAM …
    local name="$1" before=() own; shift
    mapfile -t own < <(server_env)
    [ "$(id -u)" != 0 ] || before=(setpriv --reuid="$WEB_USER" --regid="$WEB_USER" --clear-groups --no-new-privs --)
    (
        umask 077; cd "$SITE"; exec >>"$SERVER_STORAGE/logs/server.log" 2>&1 </dev/null
        exec setsid "${before[@]}" env "${own[@]}" "$@"
    ) &
    PIDS[$name]=$!
    disown $!
}

lives() { kill -0 "${PIDS[$1]}" 2>/dev/null; } # NAME

# Ends a program with all that it started: it is asked first.
end() { # NAME
    local pid="${PIDS[$1]}"
    kill -TERM -- "-$pid" 2>/dev/null || true
    for _ in $(seq 30); do kill -0 -- "-$pid" 2>/dev/null || break; sleep 0.1; done
    kill -KILL -- "-$pid" 2>/dev/null || true
    wait "$pid" 2>/dev/null || true
    unset "PIDS[$1]"
}

# Starts again whatever has died, for as long as it runs.
keep_alive() {
    local name
    while true; do
        # A signal is answered while a shell waits, not while it sleeps.
        sleep 1 & wait $!
        pg_answers || { say "the database does not answer; starting it again"; pg_run || true; }
        for name in "${!PIDS[@]}"; do
            lives "$name" || { say "“$name” has died; starting it again"; end "$name"; launch "$name"; }
        done
    done
}
