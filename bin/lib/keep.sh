# shellcheck shell=bash
# What bin/backup writes and bin/restore reads: one tar file with the database, the uploaded files, the key of the app (encrypted)
# and a list of checksums.

BACKUP_FORMAT='low-point-backup 1'

# passphrase WHAT_FOR: from the file $LOW_POINT_PASSPHRASE_FILE, else asked for on the terminal; sets PASSPHRASE_FILE.
passphrase() {
    PASSPHRASE_FILE=${LOW_POINT_PASSPHRASE_FILE:-}
    if [ -z "$PASSPHRASE_FILE" ]; then
        [ -t 0 ] || fail 'no terminal to ask for the passphrase: name a file that holds it in LOW_POINT_PASSPHRASE_FILE.'
        PASSPHRASE_FILE="$WORK/passphrase"
        local typed
        read -r -s -p "Passphrase $1: " typed </dev/tty
        printf '\n'
        (umask 077 && printf %s "$typed" >"$PASSPHRASE_FILE")
    fi
    [ -s "$PASSPHRASE_FILE" ] || fail 'the passphrase is empty.'
}

# cipher -e|-d IN OUT: with the passphrase.
cipher() { openssl enc "$1" -aes-256-cbc -pbkdf2 -iter 200000 -salt -pass "file:$PASSPHRASE_FILE" -in "$2" -out "$3" 2>/dev/null; }

# work_folder: a folder that is gone at the end, whatever happens.
work_folder() {
    WORK=$(mktemp -d "${TMPDIR:-/tmp}/low-point-XXXXXX")
    chmod 700 "$WORK"
}

# sql COMMAND...: of MariaDB, as the app's own user of the running instance.
sql() {
    local command=$1
    shift
    MYSQL_PWD=$DB_PASSWORD "$command" --no-defaults --host=127.0.0.1 --port="$DB_PORT" --user="$DB_USERNAME" "$@"
}

# rows DATABASE: each table with its rows, a line each.
rows() {
    local table
    sql mariadb --batch --skip-column-names --execute='SHOW TABLES' "$1" | while read -r table; do
        printf '%s %s\n' "$table" "$(sql mariadb --batch --skip-column-names --execute="SELECT COUNT(*) FROM \`$table\`" "$1" </dev/null)"
    done
}

# check_backup FOLDER: what was unpacked is whole and of our format.
check_backup() {
    [ "$(cat "$1/format" 2>/dev/null)" = "$BACKUP_FORMAT" ] || fail 'this is no backup of Low Point, or of a newer version.'
    (cd "$1" && sha256sum --check --quiet --strict sums) >/dev/null 2>&1 || fail 'the backup is damaged: a checksum does not fit.'
}
