# Backup and restore, shared by bin/backup, bin/restore and bin/start (which keeps one before it upgrades).

# reach_database DIR: the running server of DIR, or one started for the while.
reach_database() {
    local dir=$1
    DB_PORT=$(cat "$dir/port" 2>/dev/null || true)
    DB_PASSWORD=$(cat "$dir/db.secret" 2>/dev/null || true)
    if [ -n "$DB_PORT" ] && MYSQL_PWD=$DB_PASSWORD mariadb-admin --no-defaults -h127.0.0.1 -P"$DB_PORT" -uvelbrin ping >/dev/null 2>&1; then
        export DB_PORT DB_PASSWORD DB_CONNECTION=mariadb DB_HOST=127.0.0.1 DB_USERNAME=velbrin
    else
        start_database "$dir"
    fi
}

# import DATABASE FILE: a fresh database of that name with what FILE holds.
import() {
    sql -e "DROP DATABASE IF EXISTS \`$1\`; CREATE DATABASE \`$1\`"
    MYSQL_PWD=$DB_PASSWORD mariadb --no-defaults -h127.0.0.1 -P"$DB_PORT" -uvelbrin "$1" <"$2"
}

# make_backup DIR FILE: of the database in force.
make_backup() {
    local dir=$1 file=$2 work proof=velbrin_proof_$$
    [ ! -e "$file" ] || die "$file is there already; choose another name. Nothing was changed."
    mkdir -p "$(dirname "$file")"
    umask 077
    work=$(mktemp -d "$dir/backup.XXXXXX")
    mkdir -p "$work/files"
    say "1 of 4: the database"
    MYSQL_PWD=$DB_PASSWORD mariadb-dump --no-defaults -h127.0.0.1 -P"$DB_PORT" -uvelbrin --single-transaction --quick --no-tablespaces \
        --skip-comments --hex-blob "$DB_DATABASE" >"$work/database.sql" || { rm -rf "$work"; die "the database could not be read. Nothing was kept."; }
    MYSQL_PWD=$DB_PASSWORD mariadb-dump --no-defaults -h127.0.0.1 -P"$DB_PORT" -uvelbrin --single-transaction --quick --no-tablespaces \
        --skip-comments --skip-lock-tables "trail_$DB_DATABASE" >"$work/trail.sql" || { rm -rf "$work"; die "the trail's digests could not be read. Nothing was kept."; }
    say "2 of 4: attachments and the key"
    # After the database: every file it names is there, and files never change.
    cp -a "$LARAVEL_STORAGE_PATH/app/private/." "$work/files/"
    cp "$dir/app.secret" "$work/app.secret"
    say "3 of 4: read back, row by row"
    import "$proof" "$work/database.sql"
    DB_DATABASE=$proof APP_CONFIG_CACHE=/nonexistent php artisan velbrin:manifest write "$work/manifest.json" --files="$work/files" || { rm -rf "$work"; die "what was kept cannot be read back. Nothing was kept."; }
    sql -e "DROP DATABASE \`$proof\`"
    (cd "$work" && find database.sql trail.sql app.secret manifest.json files -type f -print0 | sort -z | xargs -0 sha256sum >sums)
    say "4 of 4: packed"
    tar -C "$work" -czf "$file.part" . && mv "$file.part" "$file"
    rm -rf "$work"
    touch "$LARAVEL_STORAGE_PATH/last-backup"
    [ "$(id -u)" != 0 ] || chown -R --reference="$dir" "$LARAVEL_STORAGE_PATH" "$dir/cache"
    say "Kept in $file, $(du -h "$file" | cut -f1)."
}

# restore_backup DIR FILE
restore_backup() {
    local dir=$1 file=$2 aside
    [ -f "$file" ] || die "$file is not there."
    umask 077
    WORK=$(mktemp -d "$dir/restore.XXXXXX")
    say "1 of 4: unpacked and checked"
    tar -C "$WORK" -xzf "$file" 2>/dev/null || die "$file is damaged: it cannot be unpacked. Nothing was changed."
    [ -f "$WORK/sums" ] || die "$file was not made by bin/backup. Nothing was changed."
    (cd "$WORK" && sha256sum --quiet -c sums >/dev/null 2>&1) || die "$file is damaged: what it holds is not what was kept. Nothing was changed."
    start_database "$dir"
    app_environment "$dir" velbrin http://127.0.0.1
    export APP_CONFIG_CACHE=/nonexistent
    php artisan velbrin:manifest readable "$WORK/manifest.json" || die "Nothing was changed."
    say "2 of 4: the database, beside the one that stands here"
    import velbrin_restored "$WORK/database.sql" || die "the database in $file cannot be read. Nothing was changed."
    say "3 of 4: every row and file held against what was kept"
    DB_DATABASE=velbrin_restored php artisan velbrin:manifest check "$WORK/manifest.json" --files="$WORK/files" || die "Nothing was changed."
    say "4 of 4: in its place"
    aside="$dir/before-restore-$(date -u +%Y%m%dT%H%M%SZ)"
    mkdir -p "$aside"
    if [ "$(sql -e "SELECT COUNT(*) FROM information_schema.tables WHERE table_schema = 'velbrin'")" != 0 ]; then
        MYSQL_PWD=$DB_PASSWORD mariadb-dump --no-defaults -h127.0.0.1 -P"$DB_PORT" -uvelbrin --single-transaction --quick --no-tablespaces velbrin >"$aside/database.sql"
    fi
    [ -d "$LARAVEL_STORAGE_PATH/app/private" ] && mv "$LARAVEL_STORAGE_PATH/app/private" "$aside/files"
    [ -f "$dir/app.secret" ] && cp "$dir/app.secret" "$aside/app.secret"
    mkdir -p "$LARAVEL_STORAGE_PATH/app/private"
    cp -a "$WORK/files/." "$LARAVEL_STORAGE_PATH/app/private/"
    cp "$WORK/app.secret" "$dir/app.secret"
    import velbrin "$WORK/database.sql"
    DB_DATABASE=velbrin php artisan velbrin:count
    # What pages remember is of the database that stood here.
    rm -rf "${LARAVEL_STORAGE_PATH:?}/framework/cache/data"
    mkdir -p "$LARAVEL_STORAGE_PATH/framework/cache/data"
    # A backup from before the ledger brings none: one begins with the upgrade.
    as_root -e 'DROP DATABASE trail_velbrin'
    trail_database velbrin
    [ ! -f "$WORK/trail.sql" ] || as_root trail_velbrin <"$WORK/trail.sql"
    sql -e 'DROP DATABASE velbrin_restored'
    say "Restored. What stood here before is in $aside. Run bin/start: it brings an older database up to date."
}
