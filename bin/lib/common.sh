# Shared by the bin/ commands: messages, installs, and the private MariaDB, php-fpm and nginx.
# Every function that takes DIR works inside that one state folder and nowhere else.
set -euo pipefail

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
VAR="$ROOT/var"
cd "$ROOT"

say() { printf '%s\n' "$*"; }
die() { printf 'velbrin: %s\n' "$*" >&2; exit 1; }

# ---------------------------------------------------------------- installs

need_node() {
    command -v node >/dev/null && command -v npm >/dev/null ||
        die "Node.js 20.19 or newer with npm is needed and was not found. Install it, then run this again."
    node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>20||(a===20&&b>=19)?0:1)' ||
        die "Node.js 20.19 or newer is needed; this machine has $(node -v). Update it, then run this again."
}

# Debian packages, asked for once; services they bring are kept from starting by themselves.
need_packages() {
    local missing=() p
    for p in "$@"; do
        [ "$(dpkg-query -W -f='${db:Status-Status}' "$p" 2>/dev/null || true)" = installed ] || missing+=("$p")
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    command -v apt-get >/dev/null || die "this machine has no apt-get. Velbrin runs on Debian 12; install by hand: ${missing[*]}"
    [ "$(id -u)" = 0 ] || die "these Debian packages are missing and only root can install them: ${missing[*]}"
    say "Installing from Debian: ${missing[*]}"
    local log policy=/usr/sbin/policy-rc.d mine=
    log=$(mktemp)
    if [ ! -e $policy ]; then printf '#!/bin/sh\nexit 101\n' >$policy; chmod 755 $policy; mine=1; fi
    local ok=1
    { apt-get update -q && DEBIAN_FRONTEND=noninteractive apt-get install -qy --no-install-recommends "${missing[@]}"; } >"$log" 2>&1 || ok=
    [ -n "$mine" ] && rm -f $policy
    [ -n "$ok" ] || { tail -n 5 "$log" >&2; die "apt could not install ${missing[*]} (its last words are above, all of them in $log). Nothing else was changed; mend apt and run this again."; }
    rm -f "$log"
}

RUN_PACKAGES=(php8.2-cli php8.2-fpm php8.2-mysql php8.2-curl php8.2-zip php8.2-gd php8.2-bcmath php8.2-mbstring
    php8.2-xml php8.2-intl composer unzip curl procps nginx-light mariadb-server-core mariadb-client-core mariadb-client)

# once STAMP KEY COMMAND…: runs COMMAND unless STAMP already records KEY, so a killed run repeats and a whole one does not.
once() {
    local stamp=$1 key=$2; shift 2
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$key" ] && return 0
    "$@"
    mkdir -p "$(dirname "$stamp")"; printf %s "$key" >"$stamp"
}

hash_of() { find "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 cat | sha256sum | cut -c1-32; }

run_composer() {
    say "Installing PHP packages"
    COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --quiet ||
        die "Composer could not install the PHP packages. Run 'composer install' to see why, then run this again."
}
run_npm() {
    say "Installing JavaScript packages"
    npm ci --no-audit --no-fund --loglevel=error || die "npm could not install the JavaScript packages (see above). Mend that, then run this again."
}
run_build() {
    say "Building the pages"
    npm run --silent build -- --logLevel warn || die "the pages could not be built (see above)."
}

install_all() {
    need_node
    need_packages "$@"
    mkdir -p "$VAR" bootstrap/cache
    once vendor/.velbrin-installed "$(hash_of composer.json)" run_composer
    once node_modules/.velbrin-installed "$(hash_of package-lock.json package.json)" run_npm
    once public/build/.velbrin-built "$(hash_of resources vite.config.ts package-lock.json tsconfig.json)" run_build
}

# ---------------------------------------------------------------- ports and processes

port_free() { php -r 'exit(@stream_socket_server("tcp://$argv[1]:$argv[2]") ? 0 : 1);' "$1" "$2"; }
free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];'; }

# end_leftover PIDFILE NEEDLE: ends a process of ours that outlived a killed run; NEEDLE must stand in its command line.
end_leftover() {
    local pid
    [ -f "$1" ] || return 0
    pid=$(tr -dc 0-9 <"$1")
    if [ -n "$pid" ] && { tr '\0' ' ' <"/proc/$pid/cmdline"; } 2>/dev/null | grep -qF -- "$2"; then
        kill "$pid" 2>/dev/null || true
        for _ in $(seq 100); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
    fi
    rm -f "$1"
}

CHILDREN=()
# spawn COMMAND…: a child in its own process group, without the lock, ended by stop_children.
spawn() { set -m; "$@" 9>&- & CHILDREN+=($!); set +m; }
# keep DIR NAME COMMAND…: a part that is begun again when it ends, after a pause that grows while it does not stay; why it
# ended stands in supervisor.log. One keeper for each part: the pause of one holds up no other.
keep() {
    local dir=$1 name=$2; shift 2
    end_leftover "$dir/$name.keeper" velbrin-keeper
    spawn bash -c '
        dir=$1 name=$2 pause=1 part= longest=${VELBRIN_LONGEST_PAUSE_S:-60}
        shift 2
        echo $$ >"$dir/$name.keeper"
        trap "trap - TERM; kill -TERM \$part 2>/dev/null; wait \$part; exit 0" TERM
        while :; do
            began=$SECONDS code=0
            "$@" & part=$!
            { wait $part || code=$?; } 2>/dev/null
            # What it left behind, in its own group or ours, holds its port and its files: gone before it is begun again.
            kill -9 -- "-$part" 2>/dev/null
            for left in $(pgrep -g $$); do [ "$left" = $$ ] || kill -9 "$left" 2>/dev/null; done
            if [ $code = 0 ] || [ $((SECONDS - began)) -ge 60 ]; then pause=1; fi
            [ $code = 0 ] || printf "%s %s ended (%s); begun again in %s s\n" "$(date -u +%FT%TZ)" "$name" "$code" "$pause" >>"$dir/supervisor.log"
            sleep "$pause" & wait $!
            pause=$((pause * 2 > longest ? longest : pause * 2))
        done
    ' velbrin-keeper "$dir" "$name" "$@"
}

# part DIR NAME COMMAND…: kept alive where somebody is served (SUPERVISED), a plain child elsewhere.
part() {
    if [ -n "${SUPERVISED:-}" ]; then keep "$@"; else shift 2; spawn "$@"; fi
}

stop_children() {
    local i
    for ((i = ${#CHILDREN[@]} - 1; i >= 0; i--)); do
        kill -- "-${CHILDREN[i]}" 2>/dev/null || true
        wait "${CHILDREN[i]}" 2>/dev/null || true
    done
    CHILDREN=()
    [ -n "${SOCKETS:-}" ] && rm -rf "$SOCKETS"
    SOCKETS=
}

# ---------------------------------------------------------------- MariaDB

secret() { [ -s "$1" ] || (umask 077; php -r 'echo bin2hex(random_bytes(20));' >"$1"); cat "$1"; }

# A folder of our own for sockets and for what a restart may forget; in memory, where there is some.
in_memory() { mktemp -d /dev/shm/velbrin.XXXXXX 2>/dev/null || mktemp -d /tmp/velbrin.XXXXXX; }

# start_database DIR [FLAGS…]: a private server on loopback; exports DB_PORT and DB_PASSWORD.
start_database() {
    local dir=$1; shift
    mkdir -p "$dir"
    SOCKETS=${SOCKETS:-$(in_memory)}
    if [ ! -f "$dir/data/velbrin-ready" ]; then
        say "Preparing the database"
        rm -rf "$dir/data.new" "$dir/data"
        mariadb-install-db --no-defaults --user="$(id -un)" --datadir="$dir/data.new" --auth-root-authentication-method=normal \
            --skip-test-db >"$dir/install.log" 2>&1 || die "MariaDB could not prepare its folder; its words are in $dir/install.log"
        touch "$dir/data.new/velbrin-ready"
        mv "$dir/data.new" "$dir/data"
    fi
    end_leftover "$dir/database.keeper" velbrin-keeper
    end_leftover "$dir/mariadb.pid" "--datadir=$dir/data"
    DB_PORT=$(cat "$dir/port" 2>/dev/null || true)
    { [ -n "$DB_PORT" ] && port_free 127.0.0.1 "$DB_PORT"; } || DB_PORT=$(free_port)
    printf %s "$DB_PORT" >"$dir/port"
    DB_PASSWORD=$(secret "$dir/db.secret")
    (umask 077; cat >"$dir/init.sql" <<SQL
DELETE FROM mysql.global_priv WHERE User IN ('root', '') AND Host <> 'localhost';
FLUSH PRIVILEGES;
ALTER USER 'root'@'localhost' IDENTIFIED BY '$(secret "$dir/root.secret")';
CREATE USER IF NOT EXISTS 'velbrin'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
ALTER USER 'velbrin'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
GRANT ALL ON \`velbrin%\`.* TO 'velbrin'@'127.0.0.1';
SQL
    )
    part "$dir" database mariadbd --no-defaults --user="$(id -un)" --datadir="$dir/data" --bind-address=127.0.0.1 --port="$DB_PORT" \
        --socket="$SOCKETS/db" --pid-file="$dir/mariadb.pid" --character-set-server=utf8mb4 \
        --collation-server=utf8mb4_unicode_ci --default-time-zone=+00:00 --init-file="$dir/init.sql" \
        --innodb-buffer-pool-size=256M --log-error="$dir/mariadb.log" "$@" >/dev/null 2>&1
    local i
    for i in $(seq 150); do
        MYSQL_PWD=$DB_PASSWORD mariadb-admin --no-defaults -h127.0.0.1 -P"$DB_PORT" -uvelbrin ping >/dev/null 2>&1 && break
        kill -0 "${CHILDREN[-1]}" 2>/dev/null || die "MariaDB stopped while starting; its words are in $dir/mariadb.log"
        [ "$i" = 150 ] && die "MariaDB did not answer within 30 seconds; its words are in $dir/mariadb.log"
        sleep 0.2
    done
    export DB_PORT DB_PASSWORD DB_CONNECTION=mariadb DB_HOST=127.0.0.1 DB_USERNAME=velbrin
    DB_DIR=$dir
}

# as_root …: over the socket of the server this very process started.
as_root() { MYSQL_PWD=$(cat "$DB_DIR/root.secret") mariadb --no-defaults --socket="$SOCKETS/db" -uroot -N "$@"; }

# trail_database NAME: where the digests of that database's audit trail are kept. The application adds and reads; it can
# neither change nor take away, and cannot make this database either.
trail_database() {
    as_root <<SQL
CREATE DATABASE IF NOT EXISTS \`trail_$1\`;
CREATE TABLE IF NOT EXISTS \`trail_$1\`.entries (
    id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY, ledger CHAR(36) NOT NULL, trail_id CHAR(26) NOT NULL UNIQUE,
    at DATETIME NOT NULL, digest CHAR(64) NOT NULL, INDEX (ledger, id)
) ENGINE=InnoDB;
CREATE TABLE IF NOT EXISTS \`trail_$1\`.seals (
    id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY, ledger CHAR(36) NOT NULL, from_id BIGINT UNSIGNED NOT NULL,
    to_id BIGINT UNSIGNED NOT NULL, digest CHAR(64) NOT NULL, at DATETIME NOT NULL, INDEX (ledger, id)
) ENGINE=InnoDB;
GRANT SELECT, INSERT ON \`trail\\_${1//_/\\_}\`.* TO 'velbrin'@'127.0.0.1';
SQL
}

sql() { MYSQL_PWD=$DB_PASSWORD mariadb --no-defaults -h127.0.0.1 -P"$DB_PORT" -uvelbrin -N "$@"; }

# ---------------------------------------------------------------- the application

# app_environment DIR DATABASE URL: everything Laravel needs, from the environment alone (no .env file).
app_environment() {
    local dir=$1 store=$1/storage
    mkdir -p "$dir/cache" "$store"/{app/private,logs,framework/{cache/data,sessions,views,testing}}
    export APP_KEY; APP_KEY="base64:$( [ -s "$dir/app.secret" ] || (umask 077; php -r 'echo base64_encode(random_bytes(32));' >"$dir/app.secret"); cat "$dir/app.secret")"
    export APP_ENV=${APP_ENV:-production} APP_DEBUG=${APP_DEBUG:-false} APP_URL=$3 DB_DATABASE=$2
    export LARAVEL_STORAGE_PATH=$store VELBRIN_DEMO=${VELBRIN_DEMO:-true} LOG_CHANNEL=single
    export APP_CONFIG_CACHE=$dir/cache/config.php APP_ROUTES_CACHE=$dir/cache/routes.php APP_EVENTS_CACHE=$dir/cache/events.php
    export APP_SERVICES_CACHE=$dir/cache/services.php APP_PACKAGES_CACHE=$dir/cache/packages.php
    [ -z "${SOCKETS:-}" ] || export LIMITS_PATH=$SOCKETS/limits-$2
    export INERTIA_DEVTOOLS_ENABLED=false INERTIA_SSR_ENABLED=false QUEUE_CONNECTION=${QUEUE_CONNECTION:-database}
    sql -e "CREATE DATABASE IF NOT EXISTS \`$2\`"
    # Of a server another process started the socket is not known; whoever started it has made this.
    [ ! -S "${SOCKETS:-}/db" ] || trail_database "$2"
}

cache_application() {
    php artisan config:cache -q && php artisan route:cache -q && php artisan view:cache -q || die "Laravel could not prepare its caches; see $LARAVEL_STORAGE_PATH/logs/laravel.log"
}

# start_web DIR BIND PORT: php-fpm and nginx for the environment in force.
start_web() {
    local dir=$1 bind=$2 port=$3
    end_leftover "$dir/nginx.keeper" velbrin-keeper
    end_leftover "$dir/php.keeper" velbrin-keeper
    end_leftover "$dir/nginx.pid" "$dir/nginx.conf"
    end_leftover "$dir/fpm.pid" "$dir/fpm.conf"
    port_free "$bind" "$port" || die "port $port on $bind is taken by another program. Choose another with --port, for example --port $((port + 1))."
    mkdir -p "$dir/tmp"
    cat >"$dir/fpm.conf" <<CONF
[global]
error_log = $dir/fpm.log
daemonize = no
pid = $dir/fpm.pid
[velbrin]
listen = $SOCKETS/fpm
pm = static
pm.max_children = 4
pm.max_requests = 2000
clear_env = no
catch_workers_output = yes
php_admin_value[upload_max_filesize] = 16M
php_admin_value[post_max_size] = 18M
php_admin_value[memory_limit] = 256M
php_admin_value[expose_php] = 0
php_admin_value[mysqlnd.net_read_timeout] = 4
CONF
    cat >"$dir/nginx.conf" <<CONF
daemon off;
$([ "$(id -u)" != 0 ] || printf "user root;")
worker_processes 1;
pid $dir/nginx.pid;
error_log $dir/nginx.log warn;
events { worker_connections 256; }
http {
    include /etc/nginx/mime.types;
    access_log off;
    server_tokens off;
    client_max_body_size 18m;
    client_body_temp_path $dir/tmp/body; fastcgi_temp_path $dir/tmp/fcgi; proxy_temp_path $dir/tmp/proxy; uwsgi_temp_path $dir/tmp/uwsgi; scgi_temp_path $dir/tmp/scgi;
    gzip on; gzip_types text/css application/javascript application/json image/svg+xml; gzip_min_length 1000; gzip_proxied any;
    server {
        listen $bind:$port;
        root $ROOT/public;
        add_header X-Content-Type-Options nosniff always;
        location /build/ { expires 1y; add_header Cache-Control "public, immutable"; add_header X-Content-Type-Options nosniff always; try_files \$uri =404; }
        location = /favicon.svg { try_files \$uri =404; }
        location / { rewrite ^ /index.php last; }
        location = /index.php {
            internal;
            include /etc/nginx/fastcgi_params;
            fastcgi_param HTTP_HOST \$http_host;
            fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
            fastcgi_param SCRIPT_NAME /index.php;
            fastcgi_pass unix:$SOCKETS/fpm;
            fastcgi_buffers 32 16k; fastcgi_buffer_size 32k;
        }
    }
}
CONF
    # Shared memory is taken before a pool's settings are read; code is read once, so a change of PHP needs a new start.
    # Only root has to say as whom classes are linked.
    local as=()
    [ "$(id -u)" != 0 ] || as=(-d opcache.preload_user=root)
    part "$dir" php php-fpm8.2 -d opcache.preload="$ROOT/bootstrap/preload.php" "${as[@]}" \
        -d opcache.memory_consumption=256 -d opcache.interned_strings_buffer=32 -d opcache.max_accelerated_files=20000 \
        -d opcache.jit=tracing -d opcache.jit_buffer_size=64M \
        -d opcache.validate_timestamps=0 -d realpath_cache_size=4M -R -F -y "$dir/fpm.conf" >/dev/null 2>&1
    part "$dir" nginx nginx -p "$dir" -c "$dir/nginx.conf"
    local i
    for i in $(seq 100); do
        curl -fsS -o /dev/null "http://$bind:$port/up" 2>/dev/null && return 0
        kill -0 "${CHILDREN[-1]}" 2>/dev/null || die "nginx stopped while starting; its words are in $dir/nginx.log"
        sleep 0.1
    done
    die "the application did not answer on http://$bind:$port; see $LARAVEL_STORAGE_PATH/logs/laravel.log and $dir/fpm.log"
}

# start_clock DIR: what runs by the minute, the hour and the day (the schedule in bootstrap/app.php).
start_clock() {
    keep "$1" clock bash -c '
        while :; do
            php -d memory_limit=256M artisan schedule:run --quiet >>"$1/clock.log" 2>&1
            sleep $((60 - $(date +%-S)))
        done
    ' velbrin-clock "$1"
}

# start_worker DIR: works long jobs off the queue within 256 MiB; begun again when it ends.
start_worker() {
    keep "$1" worker bash -c '
        exec php -d memory_limit=256M artisan queue:work --quiet --sleep=0.5 --tries=1 --timeout=1300 --max-jobs=20 --max-time=3600 >>"$1/worker.log" 2>&1
    ' velbrin-worker "$1"
}

# start_ticker DIR: hands over alarm calls that are due, each second.
start_ticker() {
    keep "$1" ticker bash -c '
        exec php -d memory_limit=128M artisan velbrin:tick --quiet >>"$1/ticker.log" 2>&1
    ' velbrin-ticker "$1"
}

# start_controllers DIR URL: simulated controllers, which report over the link as real ones would.
start_controllers() {
    keep "$1" controllers bash -c '
        exec php -d memory_limit=256M artisan velbrin:controllers --url="$2" >>"$1/controllers.log" 2>&1
    ' velbrin-controllers "$1" "$2"
}

# ---------------------------------------------------------------- an own user

# under_own_user DIR PORT COMMAND…: begun as root, everything goes on as a user that owns nothing but DIR.
under_own_user() {
    local dir=$1 port=$2 caps=() user=velbrin; shift 2
    [ "$(id -u)" = 0 ] || return 0
    id "$user" >/dev/null 2>&1 ||
        useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$user" || return 0
    # What was installed here may be read by whoever runs it, whatever mask it was installed under.
    chmod -R go+rX vendor public bootstrap
    if ! setpriv --reuid="$user" --regid="$user" --clear-groups \
        php -r 'require "vendor/autoload.php"; exit(is_readable("artisan") ? 0 : 1);' >/dev/null 2>&1; then
        say "Velbrin runs as root: the user '$user' may not read $ROOT. Put Velbrin where other users may read it."
        return 0
    fi
    mkdir -p "$VAR/backups"
    chown -R "$user:" "$dir" "$VAR/backups"
    # A port below 1024 is the one thing left to ask for.
    [ "$port" -ge 1024 ] || caps=(--inh-caps=+net_bind_service --ambient-caps=+net_bind_service)
    exec 9>&-
    exec setpriv --reuid="$user" --regid="$user" --clear-groups "${caps[@]}" env HOME="$dir" "$@"
}
