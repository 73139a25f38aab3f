# A server with its demo and a throwaway database of its own, for scripts that attack it. Sourced. Sets BASE.

set -euo pipefail
source "$(dirname "${BASH_SOURCE[0]}")/../bin/ground.sh"

own_server() { # [more settings NAME=VALUE …]
    need_php; need_server; need_vendor
    WORK="$(mktemp -d /tmp/stone-drill-bench.XXXXXX)"; chmod 755 "$WORK"
    [ "$(id -u)" != 0 ] || chown postgres "$WORK"
    trap 'trap - EXIT; [ -z "${KEEPER:-}" ] || kill "$KEEPER" 2>/dev/null || true; serve_stop || true; PG_STARTED=1; pg_stop || true; as_root rm -rf "$WORK"' EXIT
    trap 'exit 130' INT; trap 'exit 143' TERM
    need_site
    pg_start "$WORK/pg" "${PG_KIND:-throwaway}"
    local password port; password="$(new_password)"; port="$(free_port 8600)"
    pg_role "$password"
    pg_database stone_drill
    SERVER_ENV=(APP_KEY="base64:$(head -c 32 /dev/urandom | base64)" APP_ENV=local APP_DEBUG=false APP_URL="http://127.0.0.1:$port" DB_HOST=127.0.0.1 DB_PORT="$PG_PORT" DB_DATABASE=stone_drill DB_USERNAME="$PG_ROLE" DB_PASSWORD="$password"
        APP_PACKAGES_CACHE="$WORK/site/packages.php" APP_SERVICES_CACHE="$WORK/site/services.php" APP_CONFIG_CACHE="$WORK/config.php" APP_ROUTES_CACHE="$WORK/routes.php" "$@")
    cd "$ROOT"; mkdir -p "$WORK/site"/{app,logs,framework/{cache,sessions,views}}
    env "${SERVER_ENV[@]}" LARAVEL_STORAGE_PATH="$WORK/site" php artisan stone-drill:prepare --demo >/dev/null
    serve "$port" "$WORK/site"
    BASE="http://127.0.0.1:$port"
}
