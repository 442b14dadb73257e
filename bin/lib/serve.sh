# shellcheck shell=bash
# The web server: PHP's own, with several workers, in a process group of its own.

# start_server PORT: serves the app on loopback and sets SERVER_PID.
start_server() {
    local port=$1
    (
        cd public || exit 1
        PHP_CLI_SERVER_WORKERS=4 exec setsid php -d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.validate_timestamps=1 \
            -d opcache.max_accelerated_files=20000 -d realpath_cache_size=4096k \
            -d upload_max_filesize=200M -d post_max_size=201M -d variables_order=EGPCS -S "127.0.0.1:$port" \
            "$ROOT/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php"
    ) >"$LOG/server-$port.log" 2>&1 </dev/null &
    SERVER_PID=$!
    disown "$SERVER_PID"
    echo "$SERVER_PID" >"$LOG/server-$port.pid"
    SERVER_PORT=$port
    for _ in $(seq 100); do
        port_is_free "$port" || return 0
        kill -0 "$SERVER_PID" 2>/dev/null || break
        sleep 0.1
    done
    tail -n 8 "$LOG/server-$port.log" >&2
    fail "the web server does not start on port $port. The whole output is in $LOG/server-$port.log."
}

stop_server() {
    [ -n "${SERVER_PID:-}" ] || return 0
    # A test may have killed it and started another one since.
    stop_group "$(cat "$LOG/server-$SERVER_PORT.pid")"
    SERVER_PID=
}

# The workers of the queue, one for what takes a moment and one for what takes minutes (config/queue.php); they read their settings from
# the environment, as the server does. They end by themselves when the database goes away, and are started again. Beside them what is
# due is looked at each minute (routes/console.php).
start_worker() {
    # shellcheck disable=SC2016
    setsid bash -c '
        while :; do php artisan schedule:run --quiet; sleep 60; done &
        while :; do php artisan queue:work "$QUEUE_CONNECTION-long" --sleep=2 --tries=3 --timeout=540 --quiet; sleep 2; done &
        while :; do php artisan queue:work --sleep=1 --tries=3 --timeout=25 --quiet; sleep 1; done
    ' >"$LOG/worker.log" 2>&1 </dev/null &
    WORKER_PID=$!
    disown "$WORKER_PID"
    echo "$WORKER_PID" >"$LOG/worker-$SERVER_PORT.pid"
}

stop_worker() {
    [ -n "${WORKER_PID:-}" ] || return 0
    stop_group "$(cat "$LOG/worker-$SERVER_PORT.pid")"
    WORKER_PID=
}
