# Starting, stopping and looking at an instance.

answers() { curl -fsS -o /dev/null --max-time 2 "$1"; }

# beats NAME [SECONDS] : it has given a sign of life since it began, or within so many seconds
beats() {
    local since=("-newer" "$VAR/run/$1.pid")
    [ $# -lt 2 ] || since=(-newermt "$2 seconds ago")
    [ -n "$(find "$KAVVEL_BEATS/$1" "${since[@]}" 2>/dev/null)" ]
}

# One start at a time. What a killed start left at work holds the lock until it is done.
one_at_a_time() {
    exec 9>"$VAR/run/start.lock"
    flock -w 180 9 || fail "Another start of this instance is under way."
}

start_all() {
    one_at_a_time
    is_running supervisor || trap 'end_all' EXIT
    need_disk
    need_tools
    need_packages
    need_port "$WEB_PORT" nginx
    need_port "$STANDIN_PORT" nginx
    need_port "$DB_PORT" database
    need_libraries
    finish_restore
    chmod -R go= "$VAR"
    start_database
    start_app
    trap - EXIT
    say "Kavvel is at       http://127.0.0.1:$WEB_PORT"
    say "Sign in as         mara@tarn-thistle.example  with  lantern-house"
    say "Hands are at       http://127.0.0.1:$STANDIN_PORT/hands"
}

# Everything but the database, which must be up.
start_app() {
    local fresh=no
    php artisan optimize:clear --quiet 2>/dev/null || rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE"
    php artisan config:cache --quiet && php artisan event:cache --quiet && php artisan route:cache --quiet && php artisan view:cache --quiet
    [ "$(php artisan kavvel:is-empty)" = empty ] && fresh=yes
    # A first start that was cut off left half of its tables, and nothing of anybody's: it begins anew.
    [ "$fresh" = yes ] || [ -f "$VAR/run/demo.loading" ] || php artisan migrate --force --quiet \
        || fail "The database could not be brought up to date."
    [ "$fresh" = no ] && [ ! -f "$VAR/run/demo.loading" ] || load_demo
    php artisan kavvel:shared-classes >"$KAVVEL_SHARED_CLASSES" || rm -f "$KAVVEL_SHARED_CLASSES"
    rm -f "$KAVVEL_BEATS"/* "$KAVVEL_STANDIN_STATE"/{house.*,state.snapshot} "$KAVVEL_STANDIN_STATE"/*/{house.*,state.snapshot}
    begin 'app:*'
    wait_for "The stand-in" standin answers "http://127.0.0.1:$STANDIN_PORT/hands"
    wait_for "The web server" web answers "http://127.0.0.1:$WEB_PORT/up"
    wait_for "The gateway listener" gateway beats gateway
    wait_for "The queue worker" queue beats queue
    wait_for "The worker for commands" commands beats commands
    wait_for "The scheduler" schedule is_running schedule
}

# load_demo [HOUSE] : the demo data, and one more house beside it
load_demo() {
    [ -z "${1:-}" ] || [ -f "database/demo/cases/$1.json" ] \
        || fail "There is no house “$1”. There are: $(cd database/demo/cases && echo *.json | sed 's/\.json//g')."
    step "loading the demo data"
    touch "$VAR/run/demo.loading"
    rm -rf "${KAVVEL_STANDIN_STATE:?}"/*
    php artisan kavvel:demo ${1:+"$1"} || fail "The demo data could not be loaded."
    rm -f "$VAR/run/demo.loading"
}

require_running() { is_running database || fail "Kavvel is not running: ./kavvel start"; }

# is_new NAME : begun so lately that its first sign of life may be still to come
is_new() { [ -n "$(find "$VAR/run/$1.pid" -newermt '90 seconds ago' 2>/dev/null)" ]; }

# What is true of one part: somebody may have ended it, or the one that keeps it alive.
state_word() {
    local left
    if is_running "$1"; then
        [ "$1" = supervisor ] || is_running supervisor || { echo "left over: nobody keeps it alive; ./kavvel start mends it"; return; }
        answers_as "$1" && echo running || echo "running, and does not answer"
        return
    fi
    left=$(left_over "$1" | wc -l)
    [ "$left" -eq 0 ] && echo stopped || echo "stopped, $left of its processes are left over"
}

# answers_as NAME : whether it does its work
answers_as() {
    case "$1" in
        database) db_answers >/dev/null 2>&1 ;;
        standin) answers "http://127.0.0.1:$STANDIN_PORT/hands" ;;
        web | nginx) answers "http://127.0.0.1:$WEB_PORT/up" ;;
        gateway | commands) beats "$1" 40 ;;
        queue | schedule) beats "$1" 150 || is_new "$1" ;;
        *) true ;;
    esac
}

status_all() {
    local name
    for name in supervisor "${PARTS[@]}"; do say "$name: $(state_word "$name")"; done
}

run_bench() {
    require_running
    php -d memory_limit=1G core/bin/bench
    php artisan kavvel:bench
}
