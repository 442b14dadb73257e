# shellcheck shell=bash
# The app with the demo world, for benches; with ChromeDriver too, for browser tests and pictures.

start_world() {
    local port
    start_database low_point_browser
    port=$(free_port "$(port_of web)")
    export LOW_POINT_URL="http://127.0.0.1:$port"
    settle "$LOW_POINT_URL"
    # What PHPUnit sets for other tests is not for the commands that these start.
    export APP_ENV=production SESSION_DRIVER=database CACHE_STORE=file QUEUE_CONNECTION=database
    as_owner run 'Preparing the demo world' seed php artisan migrate:fresh --seed --force
    start_server "$port"
    start_worker
}

# store_says STATEMENT: to the app's own user of the store.
store_says() {
    MYSQL_PWD=$DB_PASSWORD mariadb --no-defaults --host=127.0.0.1 --port="$DB_PORT" --user="$DB_USERNAME" \
        --batch --skip-column-names --execute="$1" "$DB_DATABASE"
}

start_browser_world() {
    local driver_port
    start_world
    driver_port=$(free_port "$(port_of driver)")
    setsid chromedriver --port="$driver_port" --allowed-ips=127.0.0.1 >"$LOG/chromedriver-$driver_port.log" 2>&1 </dev/null &
    DRIVER_PID=$!
    for _ in $(seq 50); do
        port_is_free "$driver_port" || break
        sleep 0.1
    done
    export CHROMEDRIVER_URL="http://127.0.0.1:$driver_port"
}

# in_browser WORLD FILE: runs one file of tests/Browser in a world of its own, and ends that.
in_browser() {
    enter_world "$1"
    alone "$1" 'the same'
    trap stop_world EXIT
    trap 'exit 130' INT TERM
    install_all with-browser
    start_browser_world
    # They make the tables anew between them.
    as_owner vendor/bin/phpunit "tests/Browser/$2.php"
}

stop_world() {
    trap - EXIT INT TERM
    stop_worker
    stop_server
    [ -z "${DRIVER_PID:-}" ] || stop_group "$DRIVER_PID"
    stop_database
}
