# Backup and restore: one archive, whole or not at all. Everything on the way lies inside var, and goes when it ends.

ARCHIVED=(database.sql app.tar key)

backup_to() {
    [ -n "$1" ] || fail "Name the file: ./kavvel backup FILE"
    [ -d "$(dirname "$1")" ] || fail "There is no folder $(dirname "$1")."
    local folder="$VAR/archive"
    rm -rf "$folder" && mkdir "$folder"
    HALF_MADE="$1.new"
    trap 'rm -rf "$VAR/archive" "$HALF_MADE"' EXIT
    mariadb-dump --no-defaults --socket="$DB_SOCKET" -ukavvel -p"$DB_PASSWORD" --single-transaction --skip-lock-tables \
        "$DB_DATABASE" >"$folder/database.sql" || fail "The database could not be read. Nothing was written."
    tar -cf "$folder/app.tar" -C "$VAR/storage" app
    grep '^APP_KEY=' "$VAR/secrets" >"$folder/key"
    (cd "$folder" && sha256sum "${ARCHIVED[@]}" >sums)
    tar -czf "$HALF_MADE" -C "$folder" sums "${ARCHIVED[@]}"
    mv "$HALF_MADE" "$1"
    say "Saved to $1:"
    say "  $(db -N -e 'select count(*) from site_jobs') jobs, $(db -N -e 'select count(*) from users') people, with everything recorded"
    say "  $(find "$VAR/storage/app" -type f | wc -l) packs and files"
    say "  the key that opens the stored codes: whoever has this file can read them. Keep it as you keep the codes."
    say "Not in it: the passwords of this machine's database, sessions, logs."
}

restore_from() {
    [ -f "$1" ] || fail "Name an archive that backup made: ./kavvel restore FILE"
    if is_running supervisor; then fail "Stop first: ./kavvel stop"; fi
    need_packages
    local folder="$VAR/restored"
    rm -rf "$folder" && mkdir "$folder"
    trap 'end_all; [ -f "$VAR/restored/complete" ] || rm -rf "$VAR/restored"' EXIT
    unpack "$1" "$folder"
    step "loading the database"
    start_database "$folder/db"
    db <"$folder/database.sql" || fail "The database of $1 can’t be loaded. Nothing was changed."
    db -e 'select 1 from companies, users, site_jobs limit 1' >/dev/null \
        || fail "The database of $1 is not one of Kavvel. Nothing was changed."
    end_all
    touch "$folder/complete"
    finish_restore
    say "Restored, with the key that opens the stored codes. ./kavvel start"
}

# unpack ARCHIVE FOLDER : every part, whole
unpack() {
    tar -xzf "$1" -C "$2" --no-same-owner sums "${ARCHIVED[@]}" 2>/dev/null \
        || fail "$1 is no whole archive that backup made. Nothing was changed."
    (cd "$2" && sha256sum --quiet --check sums >/dev/null 2>&1 && [ "$(wc -l <sums)" -eq ${#ARCHIVED[@]} ]) \
        || fail "$1 was changed or broken after it was made. Nothing was changed."
    tar -xf "$2/app.tar" -C "$2" --no-same-owner && grep -q '^APP_KEY=base64:' "$2/key" \
        || fail "$1 lacks a part. Nothing was changed."
}

# finish_restore : puts what is complete in its place; each step can be done again after it was cut off.
finish_restore() {
    local folder="$VAR/restored"
    [ -f "$folder/complete" ] || { rm -rf "$folder"; return 0; }
    if [ -d "$folder/db" ]; then rm -rf "$VAR/db" && mv "$folder/db" "$VAR/db"; fi
    if [ -d "$folder/app" ]; then rm -rf "$VAR/storage/app" && mv "$folder/app" "$VAR/storage/app"; fi
    if [ -f "$folder/key" ]; then
        { cat "$folder/key"; grep -v '^APP_KEY=' "$VAR/secrets"; } >"$VAR/secrets.new"
        mv "$VAR/secrets.new" "$VAR/secrets"
        rm -f "$folder/key"
    fi
    rm -rf "$folder"
    load_secrets
}
