# shellcheck shell=bash
# The web server: nginx before PHP's process manager where both are there, else PHP's own. With it the workers.

. "$ROOT/bin/lib/parts.sh"

# start_server PORT: serves the app on loopback and sets SERVER_PORT.
start_server() {
    local port=$1 log="$LOG/server-$1.log"
    warm_caches
    if serves_well; then
        run_php "$log"
        for _ in $(seq 100); do
            [ -S "$(socket_of "$WEB" php)" ] && break
            sleep 0.1
        done
        run_web "$log" "listen 127.0.0.1:$port;"
    else
        # Its router looks for files where it was started.
        run_part web "$log" env -C public PHP_CLI_SERVER_WORKERS=4 php -d opcache.enable=1 -d opcache.enable_cli=1 \
            -d opcache.validate_timestamps=1 -d opcache.max_accelerated_files=20000 -d realpath_cache_size=4096k \
            -d upload_max_filesize=200M -d post_max_size=201M -d variables_order=EGPCS -S "127.0.0.1:$port" \
            "$ROOT/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php"
    fi
    SERVER_PORT=$port
    for _ in $(seq 100); do
        port_is_free "$port" || return 0
        part_runs web || break
        sleep 0.1
    done
    tail -n 8 "$log" >&2
    fail "the web server does not start on port $port. The whole output is in $log."
}

# run_php LOGFILE, run_web LOGFILE LISTENS: settings of both are written from deploy/ first.
run_php() {
    local socket as_root=()
    socket=$(socket_of "$WEB" php)
    mkdir -p "$WEB"
    rm -f "$socket"
    sed -e "s|@listen@|$socket|" -e "s|@user@|$(id -un)|" -e "s|@group@|$(id -gn)|" -e "s|@web@|$WEB|" \
        "$ROOT/deploy/php-fpm.conf" >"$WEB/fpm.conf"
    [ "$(id -u)" -ne 0 ] || as_root=(--allow-to-run-as-root)
    run_part php "$1" "$(php_fpm)" --nodaemonize --force-stderr "${as_root[@]}" --fpm-config "$WEB/fpm.conf" \
        -d opcache.memory_consumption=192 -d opcache.max_accelerated_files=20000 -d realpath_cache_size=4096k \
        -d opcache.preload="$ROOT/deploy/preload.php" -d opcache.preload_user="$(id -un)"
}
run_web() {
    write_nginx "$WEB" "$2" "server unix:$(socket_of "$WEB" php);"
    run_part web "$1" "$(nginx_here)" -p "$WEB" -c "$WEB/nginx.conf"
}

php_fpm() { command -v "php-fpm$(php -r 'echo PHP_MAJOR_VERSION, ".", PHP_MINOR_VERSION;')" || PATH="$PATH:/usr/sbin" command -v php-fpm; }
nginx_here() { PATH="$PATH:/usr/sbin" command -v nginx; }
# LOW_POINT_SERVER=php takes PHP's own server although the others are there.
serves_well() { [ "${LOW_POINT_SERVER:-}" != php ] && nginx_here >/dev/null && php_fpm >/dev/null; }

# Settings and routes are read once and kept.
warm_caches() {
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE"
    # The settings hold passwords.
    (umask 077 && run 'Keeping settings, routes and events' caches keep_caches)
}
keep_caches() { php artisan config:cache && php artisan route:cache && php artisan event:cache; }

# write_nginx FOLDER LISTENS SERVERS: the settings of nginx before these servers of PHP; REDIRECT is one more server, where there is one.
write_nginx() {
    local web=$1 listens=$2 servers=$3 user='' module='' handing=''
    mkdir -p "$web/tmp"
    cp "$ROOT/deploy/nginx-php.conf" "$web/php.conf"
    [ "$(id -u)" -ne 0 ] || user="user $(id -un) $(id -gn);"
    [ ! -e "$BROTLI" ] || module="load_module $BROTLI;" handing='brotli_static on;'
    sed -e "s|@user@|$user|" -e "s|@brotli_module@|$module|" -e "s|@brotli@|$handing|" -e "s|@root@|$ROOT/public|" -e "s|@web@|$web|" \
        -e "s|@listen@|$listens|" -e "s|@redirect@|${REDIRECT:-}|" -e "s|@php@|$servers|" "$ROOT/deploy/nginx.conf" >"$web/nginx.conf"
}

stop_server() {
    [ -n "${SERVER_PORT:-}" ] || return 0
    stop_part web
    stop_part php
    SERVER_PORT=
}

# The workers of the queue, one for what takes a moment and one for what takes minutes (config/queue.php); they read their settings from
# the environment, as the server does. They end by themselves when the database goes away. Beside them what is due is looked at each
# minute (routes/console.php).
start_worker() {
    run_worker "$LOG/worker.log"
    run_long_worker "$LOG/worker.log"
    run_scheduler "$LOG/worker.log"
}
run_worker() { run_part worker "$1" php "$ROOT/artisan" queue:work --sleep=1 --tries=3 --timeout=25 --quiet; }
run_long_worker() {
    run_part long-worker "$1" \
        php "$ROOT/artisan" queue:work "${QUEUE_CONNECTION:-database}-long" --sleep=2 --tries=3 --timeout=540 --quiet
}
# shellcheck disable=SC2016
run_scheduler() { run_part scheduler "$1" bash -c 'while :; do php "$0" schedule:run --quiet; sleep 60; done' "$ROOT/artisan"; }

stop_worker() {
    local part
    for part in worker long-worker scheduler; do stop_part "$part"; done
}
