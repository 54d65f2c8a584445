# What the servers of an instance are told, written anew by each start.

# fill TEMPLATE KEY=VALUE... : the template with its places filled.
fill() {
    local text pair
    text=$(cat "$ROOT/deploy/templates/$1")
    shift
    for pair in "ROOT=$ROOT" "VAR=$VAR" "SOCKETS=$SOCKETS" "USER=$(id -un)" "WEB_PORT=$WEB_PORT" "STANDIN_PORT=$STANDIN_PORT" \
        "HOSTS=${KAVVEL_HOSTS:-}" "AS_USER=$(as_root 'user root;')" "$@"; do
        text=${text//"@${pair%%=*}@"/"${pair#*=}"}
    done
    printf '%s\n' "$text"
}

# as_root TEXT : only where this runs as root
as_root() { [ "$(id -u)" -ne 0 ] || printf '%s' "$1"; }

program() { fill program.conf "NAME=$1" "SIGNAL=$2" "PATIENCE=$3" "COMMAND=$4"; }

programs() {
    local php="php -d memory_limit=512M $ROOT/artisan" fpm
    fpm="php-fpm8.2 $(as_root -R) -F"
    program database TERM 30 "mariadbd --no-defaults $(as_root --user=root) --datadir=${DB_FOLDER:-$VAR/db} --socket=$DB_SOCKET \
--bind-address=127.0.0.1 --port=$DB_PORT --pid-file=$VAR/run/mariadbd.pid --init-file=$VAR/run/init.sql \
--innodb-flush-log-at-trx-commit=1 --skip-name-resolve --innodb-buffer-pool-size=64M"
    program standin QUIT 10 "$fpm -y $VAR/run/standin.conf"
    program web QUIT 15 "$fpm -y $VAR/run/web.conf -d opcache.preload=$ROOT/deploy/preload.php $(as_root "-d opcache.preload_user=root")"
    program nginx QUIT 10 "nginx -c $VAR/run/nginx.conf"
    program gateway TERM 10 "$php gateway:listen"
    program commands TERM 20 "$php queue:work commands --queue=commands --sleep=0.1 --timeout=15"
    program queue TERM 130 "$php queue:work --sleep=0.5 --tries=1 --timeout=120"
    program schedule TERM 10 "$php schedule:work"
}

write_configuration() {
    (
        umask 077
        fill supervisor.conf "PROGRAMS=$(programs)" >"$VAR/run/supervisor.conf"
        fill fastcgi.conf >"$VAR/run/fastcgi.conf"
        fill nginx.conf >"$VAR/run/nginx.conf"
        fill php-fpm.conf NAME=web "WORKERS=${KAVVEL_WEB_WORKERS:-6}" >"$VAR/run/web.conf"
        fill php-fpm.conf NAME=standin WORKERS=3 >"$VAR/run/standin.conf"
    )
}
