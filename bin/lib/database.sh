# shellcheck shell=bash
# A private MariaDB: own data, own socket, a free loopback port. Never the service of the system.

# socket_of FOLDER [NAME]: a socket's path may have 107 bytes; a deep folder needs another place.
socket_of() {
    local socket="$1/${2:-mariadb}.sock"
    [ ${#socket} -le 100 ] || socket="${TMPDIR:-/tmp}/low-point-$(printf %s "$socket" | sha256sum | cut -c1-12).sock"
    echo "$socket"
}

# start_database NAME DATABASE...: starts (or finds running) the instance NAME and sets DB_PORT, DB_USERNAME, DB_PASSWORD.
start_database() {
    local home="$LOCAL/$1" name=$1 socket
    shift
    mkdir -p "$home"
    socket=$(socket_of "$home")
    if [ ! -e "$home/secret" ]; then
        (umask 077 && head -c 24 /dev/urandom | base64 | tr -dc 'A-Za-z0-9' >"$home/secret")
    fi
    DB_HOST=127.0.0.1 DB_USERNAME=low_point DB_PASSWORD=$(cat "$home/secret")
    export DB_HOST DB_USERNAME DB_PASSWORD

    if [ ! -e "$home/data" ]; then
        rm -rf "$home/data.new"
        run 'Making the database' "$name-database-make" mariadb-install-db --no-defaults --datadir="$home/data.new" \
            --user="$(id -un)" --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db
        mv "$home/data.new" "$home/data"
    fi

    if mariadb --no-defaults --socket="$socket" --user="$(id -un)" --execute="DO 0" >/dev/null 2>&1; then
        DATABASE_PID=
        DB_PORT=$(cat "$home/port")
    else
        DB_PORT=$(free_port "$(cat "$home/port" 2>/dev/null || echo "${DATABASE_PORT_FROM:-33310}")")
        echo "$DB_PORT" >"$home/port"
        run_database "$name" "$socket"
    fi
    export DB_PORT

    local database
    for database in "$@"; do
        mariadb --no-defaults --socket="$socket" --user="$(id -un)" <<SQL || fail 'the database refuses to make its tables.'
CREATE DATABASE IF NOT EXISTS \`$database\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS 'low_point'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
ALTER USER 'low_point'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
GRANT ALL ON \`$database\`.* TO 'low_point'@'127.0.0.1';
SQL
    done
}

# run_database NAME SOCKET: starts the server process on DB_PORT and waits until it answers.
run_database() {
    local name=$1 socket=$2 home="$LOCAL/$1" tries
    # Started again when it ends by itself: on a full disk it may.
    # shellcheck disable=SC2016
    setsid bash -c 'began=$SECONDS; mariadbd "$@"; [ $((SECONDS - began)) -ge 5 ] || exit 1
        while sleep 1; do mariadbd "$@"; done' mariadbd \
        --no-defaults --datadir="$home/data" --socket="$socket" --port="$DB_PORT" --bind-address=127.0.0.1 \
        --pid-file="$home/mariadb.pid" --user="$(id -un)" --skip-name-resolve --skip-log-bin --innodb-buffer-pool-size=128M \
        --innodb-flush-log-at-trx-commit=1 >"$LOG/$name-database.log" 2>&1 </dev/null &
    DATABASE_PID=$!
    disown "$DATABASE_PID"
    DATABASE_HOME=$home
    echo "$DATABASE_PID" >"$home/pid"
    for tries in $(seq 150); do
        mariadb --no-defaults --socket="$socket" --user="$(id -un)" --execute="DO 0" >/dev/null 2>&1 && break
        if ! kill -0 "$DATABASE_PID" 2>/dev/null || [ "$tries" -eq 150 ]; then
            tail -n 8 "$LOG/$name-database.log" >&2
            fail "the database does not start. The whole output is in $LOG/$name-database.log."
        fi
        sleep 0.2
    done
}

# Ends the database only when this run has started it.
stop_database() {
    [ -n "${DATABASE_PID:-}" ] || return 0
    stop_group "$(cat "$DATABASE_HOME/pid")"
}
