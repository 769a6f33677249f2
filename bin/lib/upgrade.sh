# Brings a database up to date, shared by bin/start and its check. An upgrade that was cut off is begun again from what was kept before.

# upgrade_database DIR: of the database in force, after a backup where it holds anything.
upgrade_database() {
    local dir=$1 mark=$1/upgrading kept
    if [ -f "$mark" ]; then
        kept=$(cat "$mark")
        say "The last upgrade was cut off. The database is put back as it was before, then brought up to date."
        put_back "$dir" "$kept"
    fi
    php artisan velbrin:schema check || die "nothing was changed."
    kept=
    if php artisan velbrin:schema pending; then
        say "This database is from an older Velbrin: it is kept first, then brought up to date."
        kept="$VAR/backups/before-upgrade-$(date -u +%Y%m%dT%H%M%SZ)-$$.tar.gz"
        make_backup "$dir" "$kept"
    elif [ "$(tables_of "$DB_DATABASE")" = 0 ]; then
        kept=empty
    fi
    [ -z "$kept" ] || { printf %s "$kept" >"$mark.new" && mv "$mark.new" "$mark"; }
    php artisan migrate --force --quiet || die "the database could not be brought up to date; see $LARAVEL_STORAGE_PATH/logs/laravel.log. Start again: it is put back first."
    [ -z "$kept" ] || php artisan velbrin:count
    rm -f "$mark"
}

tables_of() { sql -e "SELECT COUNT(*) FROM information_schema.tables WHERE table_schema = '$1'"; }

# put_back DIR KEPT: the database as it was; "empty" where there was none.
put_back() {
    local dir=$1 kept=$2 work
    if [ "$kept" = empty ]; then
        sql -e "DROP DATABASE IF EXISTS \`$DB_DATABASE\`; CREATE DATABASE \`$DB_DATABASE\`"
    else
        [ -f "$kept" ] || die "the last upgrade was cut off, and $kept, kept before it, is not there. Bring a backup back with bin/restore."
        work=$(mktemp -d "$dir/back.XXXXXX")
        tar -C "$work" -xzf "$kept" ./database.sql && import "$DB_DATABASE" "$work/database.sql" ||
            die "the last upgrade was cut off, and $kept cannot be read. Bring another backup back with bin/restore."
        rm -rf "$work"
    fi
    rm -f "$dir/upgrading"
}
