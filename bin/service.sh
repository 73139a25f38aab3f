# What bin/install, bin/upgrade, bin/backup and bin/restore share: where an installed service lies. Sourced after ground.sh.

OPT=/opt/stone-drill
ETC=/etc/stone-drill
DATA=/var/lib/stone-drill
UNITS="stone-drill-php stone-drill-web stone-drill-queue stone-drill-schedule"

need_root() { [ "$(id -u)" = 0 ] || die "run this as root: sudo $0 $*"; }

# Whether every change is kept, so that bin/rewind can go back to any moment.
can_rewind() { systemctl is-enabled --quiet stone-drill-rewind.timer 2>/dev/null; }

is_installed() { [ -L "$OPT/current" ] && [ -f "$ETC/.env" ]; }

# The superuser of the machine's own cluster, by its socket: takes the place of ground.sh's.
pg_ask() { # DATABASE SQL
    (cd / && runuser -u postgres -- psql -p "$PG_PORT" -d "$1" -XAtqc "$2")
}

# A command of the application, of a release, with its settings.
artisan() { # RELEASE COMMAND …
    local release="$1"; shift
    (cd "$release" && set -a && . "$ETC/service.env" && set +a && umask 077 && as_web php -d variables_order=EGPCS artisan "$@")
}

# Copies this checkout to a folder of its own. Nobody but root may change it. Sets RELEASE.
make_release() {
    local name part
    name="$(date -u +%Y%m%dT%H%M%S)"
    RELEASE="$OPT/releases/$name"
    while [ -e "$RELEASE" ]; do sleep 1; name="$(date -u +%Y%m%dT%H%M%S)"; RELEASE="$OPT/releases/$name"; done
    install -d -m 755 "$OPT" "$OPT/releases" "$RELEASE"
    for part in $PARTS; do
        [ ! -e "$ROOT/$part" ] || cp -a "$ROOT/$part" "$RELEASE/$part"
    done
    rm -f "$RELEASE"/bootstrap/cache/*.php
    ln -s "$ETC/.env" "$RELEASE/.env"
    ln -s "$DATA/storage" "$RELEASE/storage"
    chown -R root:root "$RELEASE"
    chmod -R u+rwX,go=rX "$RELEASE"
    chown "$WEB_USER" "$RELEASE/bootstrap/cache"
}

# The units of a release, and its command.
install_units() {
    local file
    for file in "$ROOT"/deploy/systemd/*; do sed "s|@FPM@|$(fpm)|" "$file" >"/etc/systemd/system/$(basename "$file")"; done
    install -m 755 "$ROOT/deploy/stone-drill" /usr/local/bin/stone-drill
    systemctl daemon-reload
}

# What Laravel reads faster once it is put together.
warm() { # RELEASE
    local what
    for what in package:discover config:cache route:cache view:cache event:cache; do artisan "$1" "$what" >/dev/null || return 1; done
}

# Points to a release in one step: whoever looks finds the old one or the new one.
switch_to() { # RELEASE
    ln -sfn "$1" "$OPT/current.new"
    mv -T "$OPT/current.new" "$OPT/current"
}

# Whether the school is answered, within so many seconds, by the web server itself.
answers() { # SECONDS
    local name; name="$(sed -n 's/^# First name: //p' "$ETC/Caddyfile")"
    for _ in $(seq "$1"); do
        [ "$(curl -ks -o /dev/null -m 5 -w '%{http_code}' --connect-to "::127.0.0.1:" "https://$name/sign-in")" = 200 ] && return 0
        sleep 1
    done
    return 1
}

# The same of this folder's own, with the database that bin/start keeps.
own_artisan() { # COMMAND …
    [ -f "$ROOT/.env" ] || die "bin/start has not been here yet"
    need_site
    (cd "$SITE" && as_web php -d variables_order=EGPCS artisan "$@")
}
