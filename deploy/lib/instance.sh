# An instance: a folder under var/ with its own database, ports, secrets, storage and processes.

SHORT_SOCKET=90 # a Unix socket path may have 107 bytes

# use_instance NAME : sets and exports everything that the processes of this instance need.
use_instance() {
    INSTANCE=$1
    export VAR="$ROOT/var/$INSTANCE"
    local base=${KAVVEL_PORT:-8410}
    # MariaDB's own script that makes a database can't cope with blanks, nor supervisor with %.
    [[ $ROOT =~ ^[^[:space:]%\"\$]+$ ]] \
        || fail "Check Kavvel out into a folder without blanks, %, \" and \$ in its name; this one is $ROOT."
    [[ $INSTANCE =~ ^[a-z]+$ ]] || fail "KAVVEL_INSTANCE: a name of small letters."
    [ "$INSTANCE" = test ] && base=${KAVVEL_TEST_PORT:-8430}
    WEB_PORT=$base
    STANDIN_PORT=$((base + 1))
    DB_PORT=$((base + 2))
    mkdir -p "$VAR" 2>/dev/null && [ -w "$VAR" ] && { [ ! -e "$VAR/secrets" ] || [ -w "$VAR/secrets" ]; } ||
        fail "$VAR can’t be written by $(id -un). Run this as the user that made it, or take it away."
    # What is inside is for the user alone that runs it.
    umask 077
    export UMASK=0600 UMASK_DIR=0700 # what the database makes
    chmod 700 "$VAR"
    mkdir -p "$VAR"/{run,log,storage/framework/{sessions,views,cache/data},storage/logs,storage/app,storage/beats,standin}
    use_sockets
    load_secrets
    export APP_ENV=production APP_DEBUG=false APP_URL="http://127.0.0.1:$WEB_PORT"
    export DB_PORT DB_SOCKET="$SOCKETS/db.sock" DB_DATABASE=kavvel DB_USERNAME=kavvel
    [ "$INSTANCE" = test ] && export DB_DATABASE=kavvel_test
    export KAVVEL_SHARED_CLASSES="$VAR/run/shared-classes"
    export KAVVEL_STORAGE="$VAR/storage" KAVVEL_BEATS="$VAR/storage/beats"
    export KAVVEL_TIME_ZONE="${KAVVEL_TIME_ZONE:-$(machine_time_zone)}"
    [ ! -d /usr/share/zoneinfo ] || [ -f "/usr/share/zoneinfo/$KAVVEL_TIME_ZONE" ] \
        || fail "KAVVEL_TIME_ZONE: there is no time zone “$KAVVEL_TIME_ZONE”."
    export SESSION_COOKIE="kavvel_${INSTANCE}_session"
    export APP_CONFIG_CACHE="$VAR/storage/config.php" APP_ROUTES_CACHE="$VAR/storage/routes.php" APP_EVENTS_CACHE="$VAR/storage/events.php"
    export APP_SERVICES_CACHE="$VAR/storage/services.php" APP_PACKAGES_CACHE="$VAR/storage/packages.php"
    export KAVVEL_STANDIN_URL="http://127.0.0.1:$STANDIN_PORT" KAVVEL_STANDIN_STATE="$VAR/standin"
    export KAVVEL_STANDIN_JOB="$ROOT/database/demo/lantern-house.json" KAVVEL_STANDIN_OVERLAY="$ROOT/database/demo/lantern-house.truth.json"
}

# Sockets live with the instance, or under the temporary folder where that path is too long for them.
use_sockets() {
    SOCKETS="$VAR/run"
    [ ${#SOCKETS} -gt $SHORT_SOCKET ] || return 0
    SOCKETS="${TMPDIR:-/tmp}/kavvel-$(printf '%s' "$VAR" | sha256sum | cut -c1-12)"
    mkdir -m 700 "$SOCKETS" 2>/dev/null || { [ -d "$SOCKETS" ] && [ ! -L "$SOCKETS" ] && [ -O "$SOCKETS" ]; } \
        || fail "$SOCKETS is not ours. Take it away, or check out Kavvel into a folder with a shorter name."
}

# The zone of the clock on the wall, by its standard name.
machine_time_zone() {
    [ "$INSTANCE" = test ] && echo UTC && return
    local link
    link=$(readlink -f /etc/localtime || true)
    case "$link" in
        */zoneinfo/*) echo "${link##*/zoneinfo/}" ;;
        *) echo UTC ;;
    esac
}

# Generated once, readable by the owner only; whole or not at all.
load_secrets() {
    local file="$VAR/secrets"
    if [ ! -f "$file" ]; then
        (
            umask 077
    export UMASK=0600 UMASK_DIR=0700 # what the database makes
            {
                printf 'APP_KEY=base64:%s\n' "$(head -c 32 /dev/urandom | base64)"
                printf 'DB_PASSWORD=%s\n' "$(head -c 24 /dev/urandom | base64 | tr -d '/+=')"
                printf 'KAVVEL_STANDIN_TOKEN=%s\n' "$(head -c 24 /dev/urandom | base64 | tr -d '/+=')"
            } >"$file.new"
            mv "$file.new" "$file"
        )
    fi
    set -a
    # shellcheck source=/dev/null
    source "$file"
    set +a
}
