# What bin/start, bin/test and bin/drill share: the machine's packages, the Composer packages, and a private
# PostgreSQL cluster on loopback. Sourced, never run.

ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd -P)"
PHP_EXTENSIONS="pgsql mbstring xml intl curl zip"
PG_SUPERUSER=stone_drill
SERVER_ENV=()

say() { printf '%s\n' "· $*" >&2; }
die() { printf '%s\n' "Stone Drill: $*" >&2; exit 1; }

as_root() {
    if [ "$(id -u)" = 0 ]; then "$@"; elif command -v sudo >/dev/null; then sudo "$@"; else
        die "needs root or sudo to install: $*"
    fi
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
    (cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress --quiet "$@" >&2) || die "Composer could not install the packages"
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

# Starts a cluster of our own. Sets PG_PORT; PG_STARTED is 1 when this call started it.
pg_start() { # DATA_DIRECTORY [durable|throwaway]
    PG_DATA="$1"; PG_STARTED=0
    local bin; bin="$(pg_bin)"
    [ -n "$bin" ] || die "PostgreSQL's programs are not under /usr/lib/postgresql"
    if ! as_pg test -f "$PG_DATA/PG_VERSION"; then
        say "making a private PostgreSQL cluster in $PG_DATA"
        mkdir -p "$(dirname "$PG_DATA")"
        if [ "$(id -u)" = 0 ]; then install -d -o postgres -g postgres -m 700 "$PG_DATA"; else install -d -m 700 "$PG_DATA"; fi
        as_pg "$bin/initdb" -D "$PG_DATA" -U "$PG_SUPERUSER" -E UTF8 --locale=C.UTF-8 -A trust >/dev/null || die "initdb failed in $PG_DATA"
    fi
    if as_pg "$bin/pg_ctl" -D "$PG_DATA" status >/dev/null 2>&1; then
        PG_PORT="$(as_pg sed -n 4p "$PG_DATA/postmaster.pid")"
        return 0
    fi
    PG_PORT="$(free_port 54310)" || die "no free port for PostgreSQL from 54310 on"
    local options="-p $PG_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories= -c shared_buffers=128MB"
    [ "${2:-durable}" = throwaway ] && options="$options -c fsync=off -c synchronous_commit=off -c full_page_writes=off"
    as_pg "$bin/pg_ctl" -D "$PG_DATA" -o "$options" -l "$PG_DATA/log" -w -t 60 start >/dev/null || die "PostgreSQL did not start; see $PG_DATA/log"
    PG_STARTED=1
}

pg_stop() {
    [ "${PG_STARTED:-0}" = 1 ] && as_pg "$(pg_bin)/pg_ctl" -D "$PG_DATA" -m fast -w stop >/dev/null 2>&1
    PG_STARTED=0
}

pg_database() { # NAME
    local bin; bin="$(pg_bin)"
    "$bin/psql" -h 127.0.0.1 -p "$PG_PORT" -U "$PG_SUPERUSER" -d postgres -Atc "select 1 from pg_database where datname = '$1'" | grep -q 1 \
        || "$bin/createdb" -h 127.0.0.1 -p "$PG_PORT" -U "$PG_SUPERUSER" "$1"
}

# Where the data of this checkout lives: out of root's home for the postgres user, in the user's own home otherwise.
pg_home() {
    local name; name="stone-drill-$(printf '%s' "$ROOT" | sha256sum | cut -c1-10)"
    if [ "$(id -u)" = 0 ]; then printf '/var/lib/postgresql/%s' "$name"; else printf '%s/%s' "${XDG_DATA_HOME:-$HOME/.local/share}" "$name"; fi
}

# Serves the application on loopback; the server and its workers form a group of their own, SERVER_PID its leader.
serve() { # PORT LOG
    (cd "$ROOT/public" && exec env "${SERVER_ENV[@]}" PHP_CLI_SERVER_WORKERS="${WORKERS:-4}" setsid php -d variables_order=EGPCS -d opcache.enable_cli=1 -d opcache.validate_timestamps=1 \
        -d upload_max_filesize=16M -d post_max_size=17M -d expose_php=0 \
        -S "127.0.0.1:$1" "$ROOT/bin/router.php" >>"$2" 2>&1) &
    SERVER_PID=$!
    for _ in $(seq 100); do
        php -r 'exit(@fsockopen("127.0.0.1", (int) $argv[1], $e, $m, 1) ? 0 : 1);' "$1" 2>/dev/null && return 0
        kill -0 "$SERVER_PID" 2>/dev/null || break
        sleep 0.1
    done
    tail -n 5 "$2" >&2; die "the web server did not start on port $1"
}

serve_stop() {
    [ -n "${SERVER_PID:-}" ] && kill -TERM -- "-$SERVER_PID" 2>/dev/null && wait "$SERVER_PID" 2>/dev/null
    SERVER_PID=
}
