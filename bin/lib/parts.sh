# shellcheck shell=bash
# The parts of a world that run beside each other (database, PHP, web server, workers, clock): each has a keeper that begins it again.

folder_of_part() { echo "$LOW_POINT_WORLD/parts/$1"; }

# What was begun again, a line each: for the health page.
notes_of_parts() { echo "$LARAVEL_STORAGE_PATH/framework/begun-again"; }

# run_part NAME LOGFILE COMMAND...: in the background, from now on until stop_part.
run_part() {
    local folder log=$2
    folder=$(folder_of_part "$1")
    # That of a start that was killed goes on.
    stop_part "$1"
    shift 2
    mkdir -p "$folder"
    printf '%s\0' "$@" >"$folder/command"
    printf '%s\n' "$log" >"$folder/log"
    begin_keeper "$folder"
}

begin_keeper() {
    local log keeper
    log=$(cat "$1/log")
    rm -f "$1/child"
    setsid bash "$ROOT/bin/lib/part" "$1" "$(notes_of_parts)" >>"$log" 2>&1 </dev/null &
    keeper=$!
    disown "$keeper"
    echo "$keeper" >"$1/keeper"
    # For a moment it is still a copy of this process.
    for _ in $(seq 100); do
        ! keeper_of "$1" >/dev/null && kill -0 "$keeper" 2>/dev/null || break
        sleep 0.02
    done
}

# keeper_of FOLDER: its process; nothing where that number is somebody else's by now.
keeper_of() {
    local keeper
    keeper=$(cat "$1/keeper" 2>/dev/null) && tr '\0' '\n' 2>/dev/null <"/proc/$keeper/cmdline" | grep -qxF "$1" && echo "$keeper"
}

part_runs() { keeper_of "$(folder_of_part "$1")" >/dev/null; }

# watch_parts: a keeper that was killed is begun again, and its part with it.
watch_parts() {
    local folder
    for folder in "$(folder_of_part '')"*/; do
        folder=${folder%/}
        [ -e "$folder/keeper" ] && ! keeper_of "$folder" >/dev/null || continue
        kill -KILL -- "-$(cat "$folder/child" 2>/dev/null)" 2>/dev/null || true
        printf '%s %s\n' "$(date +%s)" "${folder##*/}" >>"$(notes_of_parts)" || true
        begin_keeper "$folder"
    done
}

# stop_part NAME, kill_part NAME: ends it by request or at once; what it keeps comes with it.
stop_part() {
    local folder keeper
    folder=$(folder_of_part "$1")
    keeper=$(keeper_of "$folder") && stop_group "$keeper"
    rm -rf "$folder"
}
kill_part() {
    local folder group
    folder=$(folder_of_part "$1")
    for group in $(cat "$folder/keeper" "$folder/child"); do
        kill -KILL -- "-$group" 2>/dev/null || true
    done
    rm -rf "$folder"
}
