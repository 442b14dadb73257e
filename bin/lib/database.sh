# shellcheck shell=bash
# A private MariaDB: own data, own socket, a free loopback port. Never the service of the system.

. "$ROOT/bin/lib/parts.sh"

# socket_of FOLDER [NAME]: a socket's path may have 107 bytes; a deep folder needs another place.
socket_of() {
    local socket="$1/${2:-mariadb}.sock"
    [ ${#socket} -le 100 ] || socket="${TMPDIR:-/tmp}/low-point-$(printf %s "$socket" | sha256sum | cut -c1-12).sock"
    echo "$socket"
}

# What the app does with its rows, and no more: it can take away neither a table nor what keeps the audit trail as it is. Whoever changes
# tables does it as their owner (as_owner).
MAY_DO='SELECT, INSERT, UPDATE, DELETE, CREATE TEMPORARY TABLES'
MAY_NOT='CREATE, DROP, ALTER, INDEX, REFERENCES, TRIGGER, EVENT, LOCK TABLES'
MAY_NOT="$MAY_NOT, CREATE VIEW, SHOW VIEW, CREATE ROUTINE, ALTER ROUTINE, EXECUTE"
DB_OWNER=low_point_owner

# as_owner COMMAND...: as who may change the tables. The settings that are kept are the app's: it goes without them.
as_owner() { DB_USERNAME=$DB_OWNER DB_PASSWORD=$DB_OWNER_PASSWORD APP_CONFIG_CACHE="$LOW_POINT_WORLD/not-kept" "$@"; }

# start_database DATABASE: starts (or finds running) that of this world and sets DB_HOST, DB_PORT, DB_DATABASE, DB_USERNAME, DB_PASSWORD.
start_database() {
    local home=$LOW_POINT_WORLD socket
    socket=$(socket_of "$home")
    DB_HOST=127.0.0.1 DB_DATABASE=$1 DB_USERNAME=low_point DB_PASSWORD=$(secret_of secret new_password)
    DB_OWNER_PASSWORD=$(secret_of owner-secret new_password)
    export DB_HOST DB_DATABASE DB_USERNAME DB_PASSWORD

    make_data

    if mariadb --no-defaults --socket="$socket" --user="$(id -un)" --execute="DO 0" >/dev/null 2>&1; then
        DATABASE_IN=
        DB_PORT=$(cat "$home/port")
    else
        choose_port
        run_database
    fi
    export DB_PORT

    mariadb --no-defaults --socket="$socket" --user="$(id -un)" <<SQL || fail 'the database refuses to make its tables.'
CREATE DATABASE IF NOT EXISTS \`$DB_DATABASE\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS 'low_point'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
ALTER USER 'low_point'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
GRANT $MAY_DO ON \`$DB_DATABASE\`.* TO 'low_point'@'127.0.0.1';
REVOKE $MAY_NOT ON \`$DB_DATABASE\`.* FROM 'low_point'@'127.0.0.1';
CREATE USER IF NOT EXISTS '$DB_OWNER'@'127.0.0.1' IDENTIFIED BY '$DB_OWNER_PASSWORD';
ALTER USER '$DB_OWNER'@'127.0.0.1' IDENTIFIED BY '$DB_OWNER_PASSWORD';
GRANT ALL ON \`$DB_DATABASE\`.* TO '$DB_OWNER'@'127.0.0.1';
GRANT RELOAD, BINLOG MONITOR ON *.* TO '$DB_OWNER'@'127.0.0.1';
SQL
}

# make_data: of this world, once.
make_data() {
    local home=$LOW_POINT_WORLD
    [ ! -e "$home/data" ] || return 0
    rm -rf "$home/data.new"
    # By force: it asks for the name of the host otherwise, which not every machine can tell.
    run 'Making the database' database-make mariadb-install-db --no-defaults --force --skip-name-resolve --datadir="$home/data.new" \
        --user="$(id -un)" --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db
    mv "$home/data.new" "$home/data"
}

# choose_port: that of before where it is free; sets DB_PORT.
choose_port() {
    DB_PORT=$(free_port "$(cat "$LOW_POINT_WORLD/port" 2>/dev/null || echo "$(port_of database)")")
    echo "$DB_PORT" >"$LOW_POINT_WORLD/port"
}

# run_database: starts the server process of this world on DB_PORT and waits until it answers.
run_database() {
    local home=$LOW_POINT_WORLD socket tries
    socket=$(socket_of "$home")
    run_mariadb "$LOG/database.log"
    DATABASE_IN=$WORLD
    for tries in $(seq 150); do
        mariadb --no-defaults --socket="$socket" --user="$(id -un)" --execute="DO 0" >/dev/null 2>&1 && break
        if ! part_runs database || [ "$tries" -eq 150 ]; then
            tail -n 8 "$LOG/database.log" >&2
            fail "the database does not start. The whole output is in $LOG/database.log."
        fi
        sleep 0.2
    done
}

run_mariadb() {
    local home=$LOW_POINT_WORLD socket logs=(--skip-log-bin)
    socket=$(socket_of "$home")
    # Where there is a folder for it, each change is written down a second time, for two weeks: bin/restore goes by that to the minute.
    [ ! -d "$home/changes" ] || logs=(--log-bin="$home/changes/log" --binlog-format=ROW --sync-binlog=1 --server-id=1
        --binlog-expire-logs-seconds=1209600 --log-bin-trust-function-creators=1)
    run_part database "$1" /usr/sbin/mariadbd \
        --no-defaults --datadir="$home/data" --socket="$socket" --port="$DB_PORT" --bind-address=127.0.0.1 \
        --pid-file="$home/mariadb.pid" --user="$(id -un)" --skip-name-resolve "${logs[@]}" --innodb-buffer-pool-size=128M \
        --innodb-flush-log-at-trx-commit=1
}

# Ends the database only when this run has started it.
stop_database() {
    [ -n "${DATABASE_IN:-}" ] || return 0
    LOW_POINT_WORLD="$LOCAL/$DATABASE_IN" stop_part database
}
