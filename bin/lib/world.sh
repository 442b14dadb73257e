# shellcheck shell=bash
# One world, one store (docs/decisions/0027): the app, each lane of the tests, each bench, the pictures. A world has a database with its
# socket and port, settings, key, caches, files and logs of its own, all by its name; whatever it was told by another one it forgets.

# All that a world is told by its environment.
OF_A_WORLD=(APP_NAME APP_ENV APP_DEBUG APP_KEY APP_URL DB_HOST DB_PORT DB_DATABASE DB_USERNAME DB_PASSWORD SESSION_DRIVER CACHE_STORE
    QUEUE_CONNECTION LOG_CHANNEL FILESYSTEM_DISK SHARED_STORAGE_PATH LOW_POINT_URL LOW_POINT_INSTALLATION CHROMEDRIVER_URL)

# Nobody else reads what is secret; of an installed package, its group (bin/low-point).
SECRET_UMASK=${SECRET_UMASK:-077}

# enter_world NAME: from here on everything belongs to it.
enter_world() {
    [ -z "${WORLD:-}" ] || [ "$WORLD" = "$1" ] || unset "${OF_A_WORLD[@]}" LARAVEL_STORAGE_PATH
    local caches
    export WORLD=$1 LOW_POINT_WORLD="$LOCAL/$1"
    LOG="$LOCAL/log/$1"
    # shellcheck disable=SC2034
    WEB="$LOCAL/web-$1"
    if [ "$1" = app ]; then
        LARAVEL_STORAGE_PATH=${LARAVEL_STORAGE_PATH:-$ROOT/storage}
    else
        LARAVEL_STORAGE_PATH="$LOCAL/storage-$1"
    fi
    export LARAVEL_STORAGE_PATH
    caches="$LARAVEL_STORAGE_PATH/framework/cache"
    export APP_CONFIG_CACHE="$caches/config.php" APP_ROUTES_CACHE="$caches/routes.php" APP_EVENTS_CACHE="$caches/events.php"
    export APP_SERVICES_CACHE="$caches/services.php" APP_PACKAGES_CACHE="$caches/packages.php"
    mkdir -p "$LOW_POINT_WORLD" "$LOG" "$LARAVEL_STORAGE_PATH"/{app,logs} \
        "$LARAVEL_STORAGE_PATH"/framework/{cache/data,sessions,views,testing} 2>/dev/null ||
        fail "cannot write to $LOCAL. Is the disk full, or the folder somebody else's?"
}

# port_of KIND: where this world looks for a free one, away from where others do.
port_of() {
    local kind=$1 offset=0
    case $kind in web) offset=5 ;; driver) offset=10 ;; esac
    echo $((20000 + $(printf %s "$LOW_POINT_WORLD" | cksum | cut -d' ' -f1) % 600 * 20 + offset))
}

# secret_of FILE COMMAND...: what the command says, said once and kept for this world alone.
secret_of() {
    local file="$LOW_POINT_WORLD/$1"
    shift
    [ -s "$file" ] || (umask "$SECRET_UMASK" && "$@" >"$file.new" && mv "$file.new" "$file")
    cat "$file"
}

new_password() { head -c 24 /dev/urandom | base64 | tr -dc 'A-Za-z0-9'; }
new_installation() { head -c 10 /dev/urandom | od -An -tx1 | tr -d ' \n'; }
# A random application key; PHP must be there already.
new_key() { php -r 'echo "base64:".base64_encode(random_bytes(32));'; }

# settle ADDRESS NAME=VALUE...: writes the settings of this world, whose database has been started.
settle() {
    local address=$1 installation key
    shift
    installation=$(secret_of installation new_installation)
    key=$(secret_of key new_key)
    # What is served holds it against the settings it reads.
    export LOW_POINT_INSTALLATION=$installation
    (umask "$SECRET_UMASK" && cat >"$LOW_POINT_WORLD/.env" <<ENV
# Written at each start by bin/lib/world.sh.
LOW_POINT_INSTALLATION=$installation
APP_NAME="Low Point"
APP_ENV=production
APP_DEBUG=false
APP_KEY=$key
APP_URL=$address
DB_HOST=$DB_HOST
DB_PORT=$DB_PORT
DB_DATABASE=$DB_DATABASE
DB_USERNAME=$DB_USERNAME
DB_PASSWORD=$DB_PASSWORD
SESSION_DRIVER=database
SESSION_LIFETIME=720
CACHE_STORE=file
QUEUE_CONNECTION=database
LOG_CHANNEL=daily
$(printf '%s\n' "$@")
ENV
    )
    # Settings that were kept are those of before; where they are somebody else's, he makes them anew.
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE" 2>/dev/null || true
}
