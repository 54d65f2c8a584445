# Every test, on an instance of its own that can run beside `start`.

run_tests() {
    local suites=("$@") suite
    [ ${#suites[@]} -gt 0 ] || suites=(style core standin unit feature browser faults)
    KAVVEL_TEST_PORT=$(free_ports "${KAVVEL_TEST_PORT:-8430}")
    export KAVVEL_TEST_PORT
    use_instance test
    need_disk
    need_tools
    need_packages
    install_packages chromium poppler-utils graphviz
    need_libraries
    trap 'end_all' EXIT
    for suite in "${suites[@]}"; do
        step "tests: $suite"
        case "$suite" in
            style) test_style ;;
            core | standin | unit) php -d memory_limit=1G vendor/bin/phpunit --testsuite "$suite" ;;
            feature) fresh_test_database && APP_ENV=testing php -d memory_limit=1G vendor/bin/phpunit --testsuite feature ;;
            browser) test_browser ;;
            faults) test_faults short ;;
            *) fail "There is no suite “$suite”." ;;
        esac
    done
}

# free_ports FROM : the first of three free ports, so that a second checkout can test too
free_ports() {
    local base
    for base in $(seq "$1" 10 8990); do
        if port_is_free "$base" && port_is_free $((base + 1)) && port_is_free $((base + 2)); then
            echo "$base"
            return 0
        fi
    done
    fail "No three free ports for the tests between $1 and 8990."
}

test_style() {
    test_line_length
    php vendor/bin/php-cs-fixer fix --dry-run --diff --quiet || fail "Code style: run vendor/bin/php-cs-fixer fix"
    php -d memory_limit=2G vendor/bin/phpstan analyse --no-progress
}

test_line_length() {
    local folders=(app bootstrap/app.php config core database deploy kavvel lang resources routes standin tests) long
    long=$(LC_ALL=C.UTF-8 grep -rnE '^.{141,}$' --include='*.php' --include='*.js' --include='*.mjs' --include='*.css' --include='*.sh' \
        --include='kavvel' "${folders[@]}" | cut -c1-100 || true)
    [ -z "$long" ] || fail "These lines have more than 140 characters:
$long"
}

fresh_test_database() {
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE"
    start_database
    APP_ENV=testing php artisan migrate:fresh --force --quiet
}

# Kills, cut-off starts and restores, a misbehaving hub and load, on an instance of their own.
test_faults() {
    install_packages util-linux
    KAVVEL_FAULTS=$1 KAVVEL_FAULTS_PORT=$(free_ports 8630) php vendor/bin/phpunit --testsuite faults
}

test_browser() {
    start_database
    php artisan db:wipe --force --quiet
    rm -f "$KAVVEL_STANDIN_STATE/hands.jsonl"
    start_app
    KAVVEL_INSTANCE=$INSTANCE BASE_URL="$APP_URL" HANDS_URL="$KAVVEL_STANDIN_URL" npx playwright test
    end_app
}
