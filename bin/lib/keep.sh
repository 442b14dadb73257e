# shellcheck shell=bash
# What bin/backup writes and bin/restore reads: one file, sealed as a whole with a passphrase (seal.php), with the database, the rows it
# has, the changes of its tables, the uploaded files and the key of the app.

# shellcheck disable=SC2034
BACKUP_FORMAT='low-point-backup 2'
# Not sealed; only its key was encrypted.
# shellcheck disable=SC2034
OLD_FORMAT='low-point-backup 1'

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

# seal IN OUT, open_sealed IN OUT: with the passphrase. What cannot be opened is told, and nothing else is done with it.
seal() { php "$ROOT/bin/lib/seal.php" seal "$PASSPHRASE_FILE" <"$1" >"$2" || fail 'the backup could not be sealed.'; }
open_sealed() {
    local how=0
    php "$ROOT/bin/lib/seal.php" open "$PASSPHRASE_FILE" <"$1" >"$2" || how=$?
    case $how in
        0) ;;
        2) fail 'this is no backup of Low Point.' ;;
        3) fail 'this passphrase does not open the backup, or it was changed. Nothing was changed here.' ;;
        4) fail 'the backup is damaged: it was cut or changed. Nothing was changed here.' ;;
        *) fail 'the backup could not be opened: is there room for it?' ;;
    esac
}

# unpack FILE FOLDER: a tar of ours has files with these names and nothing else: no links, no ways out of the folder.
unpack() {
    local names
    names=$(tar --list --verbose --gzip --file="$1" 2>/dev/null |
        awk '$1 !~ /^[-d]/ {print "?"; next} $1 ~ /^-/ {print $NF}' | sort | tr '\n' ' ')
    case $names in
        './database.sql ./files.tar ./format ./key ./migrations ./rows ') ;;
        # Of before they were sealed.
        './database.sql ./files.tar ./format ./key.enc ./rows ./sums ') ;;
        *) fail 'this is no backup of Low Point, or it is damaged.' ;;
    esac
    tar --extract --gzip --no-same-owner --no-same-permissions --file="$1" --directory="$2" || fail 'the backup is damaged.'
    local kinds files
    kinds=$(tar --list --verbose --file="$2/files.tar" 2>/dev/null | cut -c1) || fail 'the backup is damaged.'
    # By whole names: there are spaces in some.
    files=$(tar --list --file="$2/files.tar" 2>/dev/null) || fail 'the backup is damaged.'
    if grep -qv '[-d]' <<<"$kinds" || grep -qv '^app/' <<<"$files" || grep -qE '(^|/)\.\.(/|$)' <<<"$files"; then
        fail 'the backup is damaged: there is more in it than files of the app. Nothing was changed here.'
    fi
}

# work_folder: a folder that is gone at the end, whatever happens.
work_folder() {
    WORK=$(mktemp -d "${TMPDIR:-/tmp}/low-point-XXXXXX")
    chmod 700 "$WORK"
}

# sql COMMAND...: of MariaDB, as the owner of the app's tables.
sql() {
    local command=$1
    shift
    MYSQL_PWD=$DB_OWNER_PASSWORD "$command" --no-defaults --host=127.0.0.1 --port="$DB_PORT" --user="$DB_OWNER" "$@"
}

# rows DATABASE: each table with its rows, a line each.
rows() {
    local table
    sql mariadb --batch --skip-column-names --execute='SHOW TABLES' "$1" | sort | while read -r table; do
        printf '%s %s\n' "$table" "$(sql mariadb --batch --skip-column-names --execute="SELECT COUNT(*) FROM \`$table\`" "$1" </dev/null)"
    done
}

# rows_of DUMP: the same, counted in a dump that has a line for each row: what was read is what is counted.
rows_of() {
    awk '/^CREATE TABLE / {n[$3] += 0} /^INSERT INTO / {n[$3]++} END {for (t in n) print t, n[t]}' "$1" | tr -d '`' | sort
}

# The files of this installation lie in a bucket.
in_bucket() { [ "${FILESYSTEM_DISK:-$(sed -n 's/^FILESYSTEM_DISK=//p' "$LOW_POINT_WORLD/.env" 2>/dev/null)}" = s3 ]; }

# dumped DATABASE OPTION...: one snapshot of it, a line for each row.
dumped() {
    sql mariadb-dump --single-transaction --quick --skip-dump-date --hex-blob --skip-extended-insert --no-autocommit "${@:2}" "$1"
}

# content: of a dump on the input, whatever the order of its rows and tables.
content() { grep -a '^INSERT INTO ' | LC_ALL=C sort | sha256sum; }

# brought_back DATABASE BACKUP: empties it, fills it, and compares row by row; by the count of rows what is of before backups were sealed.
brought_back() {
    local dump="$2/database.sql"
    sql mariadb --execute="DROP DATABASE IF EXISTS \`$1\`; CREATE DATABASE \`$1\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci"
    fill_database "$1" "$dump" || return 1
    case $(cat "$2/format") in
        "$OLD_FORMAT") [ "$(sort "$2/rows")" = "$(rows "$1")" ] ;;
        *) [ "$(content <"$dump")" = "$(dumped "$1" | content)" ] ;;
    esac
}

# opened_backup FILE FOLDER [--old]: what is in it, held against its seal and this version of the app.
opened_backup() {
    local file=$1 into=$2 change
    if [ "${3:-}" = --old ]; then
        unpack "$file" "$into"
        [ "$(cat "$into/format")" = "$OLD_FORMAT" ] || fail 'this is no backup of before they were sealed.'
        (cd "$into" && sha256sum --check --quiet --strict sums) >/dev/null 2>&1 || fail 'the backup is damaged: a checksum does not fit.'
        openssl enc -d -aes-256-cbc -pbkdf2 -iter 200000 -salt -pass "file:$PASSPHRASE_FILE" -in "$into/key.enc" -out "$into/key" \
            2>/dev/null ||
            fail 'this passphrase does not open the backup. Nothing was changed here.'
        : >"$into/migrations"
    else
        [ "$(head -c 2 "$file" | od -An -tx1 | tr -d ' ')" != 1f8b ] ||
            fail 'this backup is not sealed: it is damaged, or of an older version (bin/restore FILE --old). Nothing was changed here.'
        open_sealed "$file" "$WORK/whole.tar.gz"
        unpack "$WORK/whole.tar.gz" "$into"
        [ "$(cat "$into/format")" = "$BACKUP_FORMAT" ] ||
            fail 'this backup is of a newer version of Low Point. Nothing was changed here.'
    fi
    while read -r change; do
        [ -e "$ROOT/database/migrations/$change.php" ] ||
            fail 'this backup is of a newer version of Low Point: bring the project up to date first. Nothing was changed here.'
    done <"$into/migrations"
    [ "${3:-}" = --old ] || [ "$(rows_of "$into/database.sql")" = "$(sort "$into/rows")" ] ||
        fail 'the backup does not come back whole: it has other rows than it says. Nothing was changed here.'
}

# changes_since DUMP FOLDER: sets CHANGES to the files with all that was written down after the dump, CHANGES_FROM to where in the first.
changes_since() {
    local first file
    first=$(sed -n "s/^-- CHANGE MASTER TO MASTER_LOG_FILE='\([^']*\)', MASTER_LOG_POS=\([0-9]*\);.*/\1 \2/p" "$1" | head -n 1)
    [ -n "$first" ] ||
        fail 'when this backup was made no changes were written down: it can be brought back alone. Nothing was changed here.'
    CHANGES_FROM=${first#* }
    CHANGES=()
    while read -r file; do
        file="$2/${file##*/}"
        [ "${#CHANGES[@]}" -gt 0 ] || [ "${file##*/}" = "${first% *}" ] || continue
        [ -r "$file" ] || fail "of what was written down $file is missing. Nothing was changed here."
        CHANGES+=("$file")
    done <"$2/log.index"
    [ "${#CHANGES[@]}" -gt 0 ] || fail "what was written down does not reach back to this backup (${first% *}). Nothing was changed here."
}

# repeat_changes UNTIL: does once more what was done since, up to that time. As who keeps the whole database: only he may.
repeat_changes() {
    mariadb-binlog --no-defaults --database="$DB_DATABASE" --start-position="$CHANGES_FROM" --stop-datetime="$1" "${CHANGES[@]}" |
        mariadb --no-defaults --socket="$(socket_of "$LOW_POINT_WORLD")" --user="$(id -un)" --binary-mode "$DB_DATABASE" \
            >"$LOG/restore.log" 2>&1 ||
        fail "what was written down could not be repeated: $(tail -n 1 "$LOG/restore.log"). It can be tried again."
}

# fill_database DATABASE DUMP: no command that a dump might hold is run, and the owner of the app's tables reaches no other database and
# no file.
fill_database() {
    # A trigger is from now on the owner's here, whoever made it there.
    sed '/^\/\*!50003 CREATE\*\//s/DEFINER=`[^`]*`@`[^`]*`//' "$2" |
        EDITOR=false VISUAL=false PAGER=cat sql mariadb --sandbox --batch "$1" >"$LOG/restore.log" 2>&1
}
