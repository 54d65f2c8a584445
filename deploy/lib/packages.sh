# What the machine must have. Only what is missing is installed; as root, from Debian.

LEAST_FREE_MB=400

need_disk() {
    local free
    free=$(df -Pm "$VAR" | awk 'NR == 2 { print $4 }')
    [ "$free" -ge "$LEAST_FREE_MB" ] \
        || fail "Only $free MB are free on the disk of $VAR; $LEAST_FREE_MB MB are needed. Make room and try again."
}

need_tools() {
    local tool
    for tool in php composer node npm; do
        command -v "$tool" >/dev/null || fail "“$tool” is not on this machine. Kavvel needs PHP 8.2, Composer and Node 20."
    done
    php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || fail "PHP $(php -r 'echo PHP_VERSION;') is too old; Kavvel needs 8.2."
}

# install_packages NAME... : those of these Debian packages that are not there yet.
install_packages() {
    local missing=() name
    for name in "$@"; do
        dpkg-query -W -f '${Status}' "$name" 2>/dev/null | grep -q 'ok installed' || missing+=("$name")
    done
    [ ${#missing[@]} -gt 0 ] || return 0
    [ "$(id -u)" -eq 0 ] || fail "These Debian packages are missing: ${missing[*]}. Run this once as root, or install them."
    step "installing ${missing[*]}"
    local log="$ROOT/var/packages.log"
    mkdir -p "$ROOT/var"
    # No service of the machine's own is started by them.
    export DEBIAN_FRONTEND=noninteractive RUNLEVEL=1
    apt-get update -qq >"$log" 2>&1 || true
    apt-get install -y --no-install-recommends "${missing[@]}" >>"$log" 2>&1 || fail "Installing ${missing[*]} failed; see $log."
}

need_packages() {
    install_packages mariadb-server-core mariadb-client php8.2-mysql php8.2-curl php8.2-gd php8.2-mbstring \
        php8.2-xml php8.2-intl php8.2-zip \
        php8.2-fpm nginx supervisor php-bacon-qr-code curl procps
}

# A step whose inputs have not changed since it last succeeded is not repeated.
# once STAMP COMMAND... : inputs on standard input decide.
once() {
    local stamp="$ROOT/var/stamps/$1" sum
    shift
    sum=$(sha256sum | cut -d' ' -f1)
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$sum" ] && return 0
    "$@"
    mkdir -p "$(dirname "$stamp")"
    printf '%s' "$sum" >"$stamp"
}

need_libraries() {
    [ -f vendor/autoload.php ] || rm -f var/stamps/composer
    [ -d node_modules ] || rm -f var/stamps/npm
    [ -d public/build ] || rm -f var/stamps/assets
    once composer run_composer < <(cat composer.json)
    once npm run_npm < <(cat package.json package-lock.json 2>/dev/null)
    once assets run_build < <(find resources package.json vite.config.js -type f -print0 | sort -z | xargs -0 sha256sum)
}

run_composer() {
    step "installing the PHP libraries"
    mkdir -p bootstrap/cache
    (umask 022 && composer install --no-interaction --no-progress --quiet) || fail "Composer could not install the PHP libraries."
}

run_npm() {
    step "installing the front-end libraries"
    (umask 022 && PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm install --no-audit --no-fund --loglevel=error >/dev/null) \
        || fail "npm could not install the front-end libraries."
}

run_build() {
    step "building the assets"
    (umask 022 && npx vite build --logLevel error) || fail "The assets could not be built."
}
