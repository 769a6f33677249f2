# Backup and restore, tried on a small world: row by row, file by file; damaged, foreign and newer files are refused and change nothing.

# check_backup: with the test database running.
check_backup() {
    local dir="$VAR/keep" from to work refused
    rm -rf "$dir"
    from=$dir/from to=$dir/to
    mkdir -p "$from" "$to"
    (
        export APP_ENV=production APP_DEBUG=false
        unset APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE APP_KEY DB_DATABASE LARAVEL_STORAGE_PATH
        CHILDREN=() SOCKETS=
        trap 'stop_children' EXIT
        start_database "$from"
        app_environment "$from" velbrin http://127.0.0.1
        php artisan velbrin:world --systems=3 --fresh --no-ansi -q
        make_backup "$from" "$dir/kept.tar.gz" >/dev/null
        [ "$(stat -c %a "$dir/kept.tar.gz")" = 600 ] || die "a backup holds secrets and is readable by others"
        sql velbrin -e "SELECT id, name, email, role FROM users ORDER BY id" >"$dir/users-before"
    )
    VELBRIN_DIR=$to bin/restore "$dir/kept.tar.gz" >/dev/null
    cmp -s "$from/app.secret" "$to/app.secret" || die "the key did not come back"
    (cd "$from/storage/app/private" && find . -type f | sort | xargs -r sha256sum) >"$dir/files-before"
    (cd "$to/storage/app/private" && find . -type f | sort | xargs -r sha256sum) >"$dir/files-after"
    cmp -s "$dir/files-before" "$dir/files-after" || die "the attachments did not come back as they were"
    [ -s "$dir/files-before" ] || die "the world holds no attachment to try this with"
    (
        CHILDREN=() SOCKETS=
        trap 'stop_children' EXIT
        start_database "$to"
        sql velbrin -e "SELECT id, name, email, role FROM users ORDER BY id" >"$dir/users-after"
    )
    cmp -s "$dir/users-before" "$dir/users-after" || die "the rows did not come back as they were"

    work=$dir/work
    mkdir -p "$work"
    # Cut off; a byte changed and packed again; from a Velbrin of tomorrow.
    head -c 20000 "$dir/kept.tar.gz" >"$dir/cut.tar.gz"
    tar -C "$work" -xzf "$dir/kept.tar.gz"
    printf '\n-- one line more\n' >>"$work/database.sql"
    tar -C "$work" -czf "$dir/changed.tar.gz" .
    tar -C "$work" -xzf "$dir/kept.tar.gz"
    sed -i 's/"2026_11_25_000100_team"/"2099_01_01_000000_tomorrow"/' "$work/manifest.json"
    (cd "$work" && find database.sql trail.sql app.secret manifest.json files -type f -print0 | sort -z | xargs -0 sha256sum >sums)
    tar -C "$work" -czf "$dir/newer.tar.gz" .
    for refused in cut:damaged changed:damaged newer:newer; do
        if VELBRIN_DIR=$to bin/restore "$dir/${refused%%:*}.tar.gz" >"$dir/said" 2>&1; then die "a ${refused%%:*} backup was restored"; fi
        grep -q "${refused##*:}" "$dir/said" || die "a ${refused%%:*} backup is refused without saying why: $(cat "$dir/said")"
    done
    say "Kept, brought back and compared; damaged and newer ones refused."
}

# check_upgrade: an upgrade of a world of 0.2.0 is cut off in its middle, three times at different moments, and ends all the same.
check_upgrade() {
    local dir="$VAR/keep/old" moment
    rm -rf "$dir"
    mkdir -p "$dir"
    (
        export APP_ENV=production APP_DEBUG=false
        unset APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE APP_KEY DB_DATABASE LARAVEL_STORAGE_PATH
        CHILDREN=() SOCKETS=
        trap 'stop_children' EXIT
        start_database "$dir"
        app_environment "$dir" velbrin http://127.0.0.1
        gzip -dc tests/Upgrade/baseline-0.2.0.sql.gz | sql velbrin
        for moment in 0.2 0.9 1.6; do
            (
                trap - EXIT
                upgrade_database "$dir"
            ) >"$dir/said" 2>&1 &
            while [ ! -f "$dir/upgrading" ]; do kill -0 $! 2>/dev/null || die "the upgrade ended before it began: $(cat "$dir/said")"; sleep 0.05; done
            sleep "$moment"
            # With its php: the shell alone would leave that one to finish.
            pkill -9 -P $! 2>/dev/null || true
            kill -9 $! 2>/dev/null || true
            wait $! 2>/dev/null || true
            [ -f "$dir/upgrading" ] || break
        done
        upgrade_database "$dir" >"$dir/said" || die "an upgrade that was cut off does not end: $(cat "$dir/said")"
        [ ! -f "$dir/upgrading" ] || die "a finished upgrade is still marked as begun"
        php artisan velbrin:schema check || die "what an upgrade that was cut off left is no Velbrin"
        php artisan velbrin:schema pending && die "an upgrade that was cut off left something undone"
        [ "$(sql velbrin -e 'SELECT COUNT(*) FROM systems')" -gt 0 ] || die "an upgrade that was cut off lost the systems"
        rm -f "$VAR"/backups/before-upgrade-*-"$$".tar.gz
    )
    say "Cut off in its middle an upgrade begins again and ends."
}

# check_keeper: a part that ends is begun again, after pauses that grow, with the reason written down and nothing of it left behind.
check_keeper() {
    local dir="$VAR/keep/part" n
    rm -rf "$dir"
    mkdir -p "$dir"
    (
        CHILDREN=() SOCKETS=
        trap 'stop_children' EXIT
        export VELBRIN_LONGEST_PAUSE_S=2
        keep "$dir" weak bash -c 'date +%s%N >>"$1/begun"; sleep 300 & exit 3' weak "$dir"
        for n in $(seq 80); do [ "$(cat "$dir/begun" 2>/dev/null | wc -l)" -ge 4 ] && break; sleep 0.1; done
        [ "$(wc -l <"$dir/begun")" -ge 4 ] || die "a part that ended was not begun again: $(cat "$dir/supervisor.log" 2>/dev/null)"
        grep -q 'weak ended (3); begun again in 1 s' "$dir/supervisor.log" || die "nobody wrote down why a part ended"
        grep -q 'weak ended (3); begun again in 2 s' "$dir/supervisor.log" || die "the pause before a part is begun again does not grow"
        [ "$(pgrep -g "${CHILDREN[-1]}" -fc '^sleep 300')" -le 1 ] || die "what a part left behind is still there"
    )
    sleep 0.3
    [ "$(pgrep -fc "velbrin-keeper $dir weak" || true)" = 0 ] || die "a keeper outlived whoever started it"
    say "A part that ends is begun again, and said why."
}
