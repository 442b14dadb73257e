# shellcheck shell=bash
# Shared by bin/start and bin/test: says what happens, and says in plain words what fails.
set -Eeuo pipefail

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
# Where the worlds are (world.sh); what the app keeps can be elsewhere.
LOCAL=${LOW_POINT_HOME:-$ROOT/.local}
LOG="$LOCAL/log"
# What was installed belongs to this folder of the project.
TOOLS="$ROOT/.local"
STAMPS="$TOOLS/stamps"
# nginx hands out with it what the build has compressed; it is a package of its own.
# shellcheck disable=SC2034
BROTLI=/usr/lib/nginx/modules/ngx_http_brotli_static_module.so
cd "$ROOT"

say() { printf '%s\n' "$*"; }

fail() {
    printf '\nLow Point: %s\n' "$1" >&2
    exit 1
}

mkdir -p "$LOG" 2>/dev/null || fail "cannot write to $LOCAL. Is the disk full, or the folder somebody else's?"

# run WHAT LOGNAME COMMAND...: runs quietly; when it fails, shows what it said last.
run() {
    local what=$1 log="$LOG/$2.log"
    shift 2
    if ! "$@" >"$log" 2>&1 </dev/null; then
        if grep -qi 'no space left' "$log"; then
            fail "the disk is full: $what could not finish. Make room and start again."
        fi
        printf '\nLast lines of %s:\n' "$log" >&2
        tail -n 15 "$log" >&2
        fail "$what failed. The whole output is in $log."
    fi
}

# as_root COMMAND...: directly as root, else through sudo.
as_root() {
    if [ "$(id -u)" -eq 0 ]; then
        "$@"
    elif command -v sudo >/dev/null 2>&1; then
        sudo "$@"
    else
        fail "Debian packages are missing and this user may not install them. Run this once as root, or install sudo.
    Missing: ${missing_packages[*]:-}"
    fi
}

# changed STAMP FILE...: true when any of the files differs from what was recorded under the stamp.
fingerprint() { find "$@" -type f -print0 | LC_ALL=C sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1; }
changed() {
    local stamp=$1
    shift
    [ "$(cat "$STAMPS/$stamp" 2>/dev/null || true)" != "$(fingerprint "$@")" ]
}
record() {
    local stamp=$1
    shift
    fingerprint "$@" >"$STAMPS/$stamp"
}

# alone NAME WHAT: waits until nothing else in this folder does the same; what is started from here on does not keep others waiting.
alone() {
    exec {LOCK}>"$TOOLS/$1.lock"
    flock -n "$LOCK" || { say "Waiting: $2 is going on in this folder already." && flock "$LOCK"; }
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# free_port FROM: the first free port from there on.
free_port() {
    local port=$1
    for port in $(seq "$1" $(($1 + 50))); do
        if port_is_free "$port"; then
            echo "$port"
            return
        fi
    done
    fail "no free port between $1 and $(($1 + 50)) on 127.0.0.1."
}

# stop_group PID: ends a process group that this run has started, and waits for it.
stop_group() {
    kill -TERM -- "-$1" 2>/dev/null || return 0
    for _ in $(seq 100); do
        kill -0 -- "-$1" 2>/dev/null || return 0
        sleep 0.1
    done
    kill -KILL -- "-$1" 2>/dev/null || true
}
