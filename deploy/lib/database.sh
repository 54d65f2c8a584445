# A MariaDB of our own: own data folder, port, socket and password; nothing else on the machine is touched.

db() { mariadb --no-defaults --socket="$DB_SOCKET" -ukavvel -p"$DB_PASSWORD" "$@" "$DB_DATABASE"; }

db_answers() { db -e 'select 1'; }

# start_database [FOLDER] : from its own data folder, or from the one that a restore fills
start_database() {
    export DB_FOLDER=${1:-"$VAR/db"}
    command -v mariadbd >/dev/null || PATH="$PATH:/usr/sbin"
    if [ ! -d "$DB_FOLDER" ]; then
        step "creating the database"
        rm -rf "$DB_FOLDER.new"
        # shellcheck disable=SC2046
        mariadb-install-db --no-defaults $(as_root --user=root) --datadir="$DB_FOLDER.new" --auth-root-authentication-method=normal \
            --skip-test-db >"$VAR/log/database.log" 2>&1 || fail "The database could not be created; see $VAR/log/database.log."
        mv "$DB_FOLDER.new" "$DB_FOLDER"
    fi
    accounts >"$VAR/run/init.sql"
    supervise
    begin database
    wait_for "The database" database db_answers
}

# One account, for one database; the server's own can be used by nobody. A name of a database is a pattern to GRANT.
accounts() {
    cat <<SQL
CREATE DATABASE IF NOT EXISTS $DB_DATABASE CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
DELETE FROM mysql.global_priv WHERE User = '' OR (User = 'root' AND Host <> 'localhost');
DELETE FROM mysql.db WHERE User IN ('', 'kavvel');
FLUSH PRIVILEGES;
CREATE USER IF NOT EXISTS 'kavvel'@'localhost';
CREATE USER IF NOT EXISTS 'kavvel'@'127.0.0.1';
ALTER USER 'kavvel'@'localhost' IDENTIFIED BY '$DB_PASSWORD';
ALTER USER 'kavvel'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
GRANT ALL ON \`${DB_DATABASE//_/\\_}\`.* TO 'kavvel'@'localhost';
GRANT ALL ON \`${DB_DATABASE//_/\\_}\`.* TO 'kavvel'@'127.0.0.1';
ALTER USER 'root'@'localhost' IDENTIFIED BY '$(head -c 24 /dev/urandom | base64 | tr -d '/+=')' ACCOUNT LOCK;
SQL
}
