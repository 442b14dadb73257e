# shellcheck shell=bash
# The app with the demo world, for benches; with ChromeDriver too, for browser tests and pictures.

start_world() {
    local port
    APP_KEY=$(new_key)
    export APP_KEY APP_NAME='Low Point' APP_DEBUG=false LOG_CHANNEL=daily QUEUE_CONNECTION=database
    export DB_DATABASE=low_point_browser APP_ENV=production SESSION_DRIVER=database CACHE_STORE=file
    run 'Preparing the demo world for the browser' "browser-seed-${WEB_PORT_FROM:-8223}" php artisan migrate:fresh --seed --force
    port=$(free_port "${WEB_PORT_FROM:-8223}")
    export APP_URL="http://127.0.0.1:$port" LOW_POINT_URL="http://127.0.0.1:$port"
    start_server "$port"
    start_worker
}

start_browser_world() {
    local driver_port
    start_world
    driver_port=$(free_port "${DRIVER_PORT_FROM:-9523}")
    setsid chromedriver --port="$driver_port" --allowed-ips=127.0.0.1 >"$LOG/chromedriver-$driver_port.log" 2>&1 </dev/null &
    DRIVER_PID=$!
    for _ in $(seq 50); do
        port_is_free "$driver_port" || break
        sleep 0.1
    done
    export CHROMEDRIVER_URL="http://127.0.0.1:$driver_port"
}

# in_browser FILE: runs one file of tests/Browser in a world of its own, and ends that.
in_browser() {
    trap stop_browser_world EXIT
    trap 'exit 130' INT TERM
    alone test 'bin/test'
    install_all with-browser
    start_database test low_point_browser
    start_browser_world
    vendor/bin/phpunit "tests/Browser/$1.php"
}

stop_browser_world() {
    trap - EXIT INT TERM
    stop_worker
    stop_server
    [ -z "${DRIVER_PID:-}" ] || stop_group "$DRIVER_PID"
    stop_database
}
