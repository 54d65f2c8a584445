# The application's own processes: web server, stand-in, gateway listener, queue worker.

PHP_SERVER=(php -d opcache.enable_cli=1 -d opcache.validate_timestamps=1 -d opcache.revalidate_freq=1
    -d realpath_cache_ttl=600 -d memory_limit=512M)

answers() { curl -fsS -o /dev/null --max-time 2 "$1"; }

beats() { [ -n "$(find "$KAVVEL_BEATS/$1" -newer "$VAR/run/$1.pid" 2>/dev/null)" ]; }

start_all() {
    need_disk
    need_tools
    need_packages
    need_port "$WEB_PORT" web
    need_port "$STANDIN_PORT" standin
    need_port "$DB_PORT" database
    need_libraries
    start_database
    start_app
    say "Kavvel is at       http://127.0.0.1:$WEB_PORT"
    say "Sign in as         mara@tarn-thistle.example  with  lantern-house"
    say "Hands are at       http://127.0.0.1:$STANDIN_PORT/hands"
}

# Everything but the database, which must be up.
start_app() {
    local fresh=no
    php artisan optimize:clear --quiet 2>/dev/null || rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE"
    php artisan config:cache --quiet && php artisan route:cache --quiet && php artisan view:cache --quiet
    [ "$(php artisan kavvel:is-empty)" = empty ] && fresh=yes
    php artisan migrate --force --quiet || fail "The database could not be brought up to date."
    [ "$fresh" = yes ] && load_demo
    begin standin env PHP_CLI_SERVER_WORKERS=3 "${PHP_SERVER[@]}" -S "127.0.0.1:$STANDIN_PORT" -t standin/public standin/public/index.php
    begin web env PHP_CLI_SERVER_WORKERS="${KAVVEL_WEB_WORKERS:-4}" "${PHP_SERVER[@]}" -S "127.0.0.1:$WEB_PORT" -t public public/server.php
    begin gateway "${PHP_SERVER[@]}" artisan gateway:listen
    begin queue "${PHP_SERVER[@]}" artisan queue:work --sleep=0.5 --tries=1 --timeout=120
    wait_for "The stand-in" standin answers "http://127.0.0.1:$STANDIN_PORT/hands"
    wait_for "The web server" web answers "http://127.0.0.1:$WEB_PORT/up"
    wait_for "The gateway listener" gateway beats gateway
    wait_for "The queue worker" queue beats queue
}

load_demo() {
    step "loading the demo data"
    rm -f "$KAVVEL_STANDIN_STATE/hands.jsonl"
    php artisan kavvel:demo || fail "The demo data could not be loaded."
}

stop_app() {
    local name
    for name in queue gateway web standin; do end "$name"; done
}

stop_all() {
    stop_app
    end database
}

require_running() { is_running database || fail "Kavvel is not running: ./kavvel start"; }

status_all() {
    local name
    for name in web standin gateway queue database; do
        if is_running "$name"; then say "$name: running"; else say "$name: stopped"; fi
    done
}

run_bench() {
    require_running
    is_running web || fail "Kavvel is not running: ./kavvel start"
    php -d memory_limit=1G core/bin/bench
    php artisan kavvel:bench
}
