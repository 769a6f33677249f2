# The link under kills: what was acknowledged is stored, once, and every call goes out, once, whatever was ended in between.

# check_link: a world of its own, with devices that send all the while.
check_link() {
    local dir="$VAR/keep/link" port
    rm -rf "$dir"
    mkdir -p "$dir"
    (
        export APP_ENV=production APP_DEBUG=false SUPERVISED=1 VELBRIN_LONGEST_PAUSE_S=1 LARAVEL_STORAGE_PATH=$dir/storage
        unset APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE APP_KEY DB_DATABASE
        CHILDREN=() SOCKETS=
        trap 'stop_children' EXIT
        start_database "$dir"
        port=$(free_port)
        app_environment "$dir" velbrin "http://127.0.0.1:$port"
        cache_application
        php artisan velbrin:world --systems=14 --fresh --no-ansi -q
        php bin/lib/bench-link.php prepare 12 0 >"$dir/devices.json"
        start_web "$dir" 127.0.0.1 "$port"
        start_ticker "$dir"
        node bin/lib/link-kills.mjs "http://127.0.0.1:$port" "$dir" || die "the link did not come back after a kill"
        php bin/lib/bench-link.php settled "$dir/acknowledged.json"
    )
}
