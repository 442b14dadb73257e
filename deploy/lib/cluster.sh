# shellcheck shell=bash
# The parts of deploy/try: each node a process group of its own, with its files under .local/try. Every node has an address of its own on
# loopback, so that all of them use one port, as on machines of their own.

TRY="$LOCAL/try"
TRY_DB_PORT=34400
FRONT_PORT=8400
REDIS_PORT=34379
export REDIS_PORT

address_of() { echo "127.0.0.1$1"; }

make_cluster() {
    stop_cluster
    rm -rf "$TRY"
    mkdir -p "$TRY"
    TRY_SECRET=$(head -c 24 /dev/urandom | base64 | tr -dc 'A-Za-z0-9')
    (umask 077 && echo "$TRY_SECRET" >"$TRY/secret")
}

# start_group NAME COMMAND...: in the background, in a group of its own that is noted.
start_group() {
    local name=$1
    shift
    setsid "$@" >>"$TRY/$name.log" 2>&1 </dev/null &
    disown $!
    echo $! >"$TRY/$name.pid"
}
end_group() {
    [ -e "$TRY/$1.pid" ] || return 0
    stop_group "$(cat "$TRY/$1.pid")"
    rm -f "$TRY/$1.pid"
}

# start_node N [first]: a database node; the first one makes the cluster, the others fetch all there is from another one.
start_node() {
    local node=$1 home="$TRY/db$1" address tries new=()
    address=$(address_of "$1")
    if [ ! -e "$home" ]; then
        # Every node but the first is filled by another one; it only needs tables to begin with.
        run "Making database node $node" "try-make-$node" mariadb-install-db --no-defaults --datadir="$home" --user="$(id -un)" \
            --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db
    fi
    [ "${2:-}" != first ] || new=(--wsrep-new-cluster)
    sed -e "s|@home@|$home|" -e "s|@socket@|$TRY/db$node.sock|" -e "s|@address@|$address|g" -e "s|@port@|$TRY_DB_PORT|" \
        -e "s|@user@|$(id -un)|" -e "s|@name@|node$node|" -e "s|@nodes@|127.0.0.11,127.0.0.12,127.0.0.13|" \
        "$ROOT/deploy/galera.cnf" >"$TRY/db$node.cnf"
    # The scripts of the transfer look for their tools in the path.
    start_group "db$node" env PATH="$PATH:/usr/sbin:/usr/bin" mariadbd --defaults-file="$TRY/db$node.cnf" "${new[@]}"
    for tries in $(seq 300); do
        [ "$(node_says "$node" wsrep_local_state_comment)" = Synced ] && return 0
        if ! kill -0 "$(cat "$TRY/db$node.pid")" 2>/dev/null || [ "$tries" -eq 300 ]; then
            tail -n 12 "$TRY/db$node.log" >&2
            fail "database node $node does not come into step. The whole output is in $TRY/db$node.log."
        fi
        sleep 0.2
    done
}
stop_node() { end_group "db$1"; }
in_node() {
    local node=$1
    shift
    mariadb --no-defaults --socket="$TRY/db$node.sock" --user="$(id -un)" --skip-column-names "$@"
}
node_says() { in_node "$1" --execute="SHOW STATUS LIKE '$2'" 2>/dev/null | cut -f2; }
cluster_size() { node_says 1 wsrep_cluster_size; }

make_app_user() {
    in_node 1 <<SQL || fail 'the cluster refuses to make the tables of the app.'
CREATE DATABASE IF NOT EXISTS low_point CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS 'low_point'@'%' IDENTIFIED BY '$TRY_SECRET';
GRANT $MAY_DO ON low_point.* TO 'low_point'@'%';
CREATE USER IF NOT EXISTS '$DB_OWNER'@'%' IDENTIFIED BY '$TRY_SECRET';
GRANT ALL ON low_point.* TO '$DB_OWNER'@'%';
SQL
}

start_redis() {
    mkdir -p "$TRY/redis"
    start_group redis redis-server --port "$REDIS_PORT" --bind 127.0.0.1 --dir "$TRY/redis" --appendonly yes --save ''
}

# What both app nodes and workers are told; files that are shared lie in one folder, everything else is each node's own.
configure_app() {
    APP_KEY=$(new_key) LOW_POINT_INSTALLATION=$(new_installation)
    export APP_KEY LOW_POINT_INSTALLATION APP_NAME='Low Point' APP_ENV=production APP_DEBUG=false LOG_CHANNEL=single APP_URL="http://127.0.0.1:$FRONT_PORT"
    export DB_HOST=127.0.0.11,127.0.0.12,127.0.0.13 DB_PORT=$TRY_DB_PORT DB_DATABASE=low_point DB_USERNAME=low_point DB_PASSWORD=$TRY_SECRET
    export SESSION_DRIVER=database CACHE_STORE=failover QUEUE_CONNECTION=failover
    export SHARED_STORAGE_PATH="$TRY/shared" LARAVEL_STORAGE_PATH="$TRY/storage"
    mkdir -p "$SHARED_STORAGE_PATH"
    node_storage "$LARAVEL_STORAGE_PATH"
}
node_storage() { mkdir -p "$1"/{app,logs,framework/{cache/data,sessions,views,testing}}; }

# of_node NAME COMMAND...: with the storage and the kept settings of that node.
of_node() {
    local storage="$TRY/storage-$1"
    shift
    (
        export LARAVEL_STORAGE_PATH="$storage" APP_CONFIG_CACHE="$storage/framework/config.php"
        export APP_ROUTES_CACHE="$storage/framework/routes.php" APP_EVENTS_CACHE="$storage/framework/events.php"
        "$@"
    )
}

start_app_node() {
    local storage="$TRY/storage-$1"
    node_storage "$storage"
    # What settings, routes and events are is kept for each node by itself.
    run "Keeping the settings of app node $1" "try-cache-$1" of_node "$1" keep_caches
    mkdir -p "$TRY/web-$1"
    sed -e "s|@listen@|$TRY/app-$1.sock|" -e "s|@user@|$(id -un)|" -e "s|@group@|$(id -gn)|" -e "s|@web@|$TRY/web-$1|" \
        "$ROOT/deploy/php-fpm.conf" >"$TRY/web-$1/fpm.conf"
    run_app_node "$1"
}
run_app_node() {
    of_node "$1" note_fpm "$1"
    for _ in $(seq 100); do
        [ -S "$TRY/app-$1.sock" ] && return
        sleep 0.1
    done
}
# It makes a group of its own.
note_fpm() {
    "$(php_fpm)" --nodaemonize --allow-to-run-as-root --fpm-config "$TRY/web-$1/fpm.conf" -d opcache.preload="$ROOT/deploy/preload.php" \
        -d opcache.preload_user="$(id -un)" >>"$TRY/app-$1.log" 2>&1 </dev/null &
    disown $!
    echo $! >"$TRY/app-$1.pid"
}

# A worker of Redis that goes on with what was put into the database while Redis was away.
start_app_worker() {
    # shellcheck disable=SC2016
    of_node "$1" start_group "worker-$1" bash -c '
        while :; do php artisan queue:work database --tries=3 --timeout=25 --stop-when-empty --quiet; sleep 3; done &
        while :; do php artisan queue:work redis --sleep=1 --tries=3 --timeout=25 --quiet; sleep 1; done'
}

start_front() {
    local web="$TRY/web"
    write_nginx "$web" "listen 127.0.0.1:$FRONT_PORT;" \
        "server unix:$TRY/app-a.sock max_fails=1 fail_timeout=2s; server unix:$TRY/app-b.sock max_fails=1 fail_timeout=2s;"
    start_group front "$(nginx_here)" -p "$web" -c "$web/nginx.conf"
    for _ in $(seq 50); do
        port_is_free "$FRONT_PORT" || return 0
        sleep 0.1
    done
    fail "nginx does not start. Its output is in $TRY/front.log."
}

stop_cluster() {
    local name
    for name in front worker-a worker-b app-a app-b redis db3 db2 db1; do
        end_group "$name"
    done
}
