# A MariaDB of our own: own data folder, port, socket and password; nothing else on the machine is touched.

as_root() { [ "$(id -u)" -eq 0 ] && printf -- '--user=root'; return 0; }

db_answers() { mariadb --no-defaults --socket="$SOCKET" -ukavvel -p"$DB_PASSWORD" -e 'select 1' "$DB_DATABASE"; }

start_database() {
    command -v mariadbd >/dev/null || PATH="$PATH:/usr/sbin"
    if [ ! -d "$VAR/db/mysql" ]; then
        step "creating the database"
        # shellcheck disable=SC2046
        mariadb-install-db --no-defaults $(as_root) --datadir="$VAR/db" --auth-root-authentication-method=normal --skip-test-db \
            >"$VAR/log/database.log" 2>&1 || fail "The database could not be created; see $VAR/log/database.log."
    fi
    rm -f "$VAR/run/init.sql"
    (
        umask 077
        cat >"$VAR/run/init.sql" <<SQL
CREATE DATABASE IF NOT EXISTS $DB_DATABASE CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS 'kavvel'@'localhost' IDENTIFIED BY '$DB_PASSWORD';
CREATE USER IF NOT EXISTS 'kavvel'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
GRANT ALL ON $DB_DATABASE.* TO 'kavvel'@'localhost';
GRANT ALL ON $DB_DATABASE.* TO 'kavvel'@'127.0.0.1';
ALTER USER 'root'@'localhost' IDENTIFIED BY '$DB_PASSWORD';
SQL
    )
    # shellcheck disable=SC2046
    begin database mariadbd --no-defaults $(as_root) --datadir="$VAR/db" --socket="$SOCKET" --bind-address=127.0.0.1 --port="$DB_PORT" \
        --pid-file="$VAR/run/mariadbd.pid" --init-file="$VAR/run/init.sql" --innodb-flush-log-at-trx-commit=1 --innodb-buffer-pool-size=64M
    wait_for "The database" database db_answers
}

backup_to() {
    [ -n "$1" ] || fail "Name the file: ./kavvel backup FILE"
    local folder
    folder=$(mktemp -d)
    mariadb-dump --no-defaults --socket="$SOCKET" -ukavvel -p"$DB_PASSWORD" --single-transaction \
        --skip-lock-tables "$DB_DATABASE" >"$folder/database.sql"
    cp -r "$VAR/storage/app" "$folder/app"
    grep '^APP_KEY=' "$VAR/secrets" >"$folder/key"
    (umask 077; tar -czf "$1" -C "$folder" database.sql app key)
    rm -rf "$folder"
    say "Saved to $1. It holds the key to the encrypted codes: keep it like them."
}

restore_from() {
    [ -f "$1" ] || fail "Name an archive that backup made: ./kavvel restore FILE"
    is_running web && fail "Stop first: ./kavvel stop"
    need_packages
    local folder
    folder=$(mktemp -d)
    tar -xzf "$1" -C "$folder" || fail "$1 is no archive that backup made."
    [ -f "$folder/database.sql" ] || fail "$1 holds no database."
    sed -i '/^APP_KEY=/d' "$VAR/secrets" && cat "$folder/key" >>"$VAR/secrets"
    load_secrets
    start_database
    mariadb --no-defaults --socket="$SOCKET" -ukavvel -p"$DB_PASSWORD" "$DB_DATABASE" <"$folder/database.sql"
    rm -rf "$VAR/storage/app" && cp -r "$folder/app" "$VAR/storage/app"
    rm -rf "$folder"
    end database
    say "Restored. ./kavvel start"
}
