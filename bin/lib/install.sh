# shellcheck shell=bash
# Installs what is missing. Every step can be repeated; what is there already costs no time.
export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1

missing_packages=()

# need PACKAGE CHECK...: notes the package as missing when the check fails.
need() {
    local package=$1
    shift
    "$@" >/dev/null 2>&1 || missing_packages+=("$package")
}

has_extension() { php -r 'exit(extension_loaded($argv[1]) ? 0 : 1);' "$1"; }

install_packages() {
    missing_packages=()
    need php8.2-cli command -v php
    for extension in curl mbstring mysql xml zip; do
        case $extension in
            mysql) need php8.2-mysql has_extension pdo_mysql ;;
            *) need "php8.2-$extension" has_extension "$extension" ;;
        esac
    done
    need composer command -v composer
    need mariadb-server-core test -x /usr/sbin/mariadbd
    need mariadb-client-core command -v mariadb
    need mariadb-client command -v mariadb-dump
    need openssl command -v openssl
    # One-time codes, where the second factor looks for them (app/Account/SecondFactor.php).
    need php-christianriesen-otp test -e /usr/share/php/ChristianRiesen/Otp/autoload.php
    # Writes reports as tagged PDFs (app/Reports/LessonReport.php).
    need weasyprint command -v weasyprint
    need nodejs command -v node
    need npm command -v npm
    need unzip command -v unzip
    need ca-certificates test -e /etc/ssl/certs/ca-certificates.crt
    if [ "${1:-}" = with-browser ]; then
        need chromium-headless-shell command -v chromium-headless-shell
        need chromium-driver command -v chromedriver
        need poppler-utils command -v pdfinfo
        need shellcheck command -v shellcheck
    fi
    if [ "${1:-}" = with-cluster ]; then
        need galera-4 test -e /usr/lib/galera/libgalera_smm.so
        # It brings the scripts of the full state transfer; the service of the system is not started.
        need mariadb-server test -x /usr/bin/wsrep_sst_mariabackup
        need mariadb-backup command -v mariadb-backup
        need socat command -v socat
        need redis-server command -v redis-server
    fi
    # Serves better; without them PHP's own server does, or nginx alone. Only where they can be installed without asking.
    local needed=${#missing_packages[@]}
    if [ "$(id -u)" -eq 0 ] || [ "$needed" -gt 0 ]; then
        need nginx-light test -x /usr/sbin/nginx
        need libnginx-mod-http-brotli-static test -e "$BROTLI"
        need php8.2-fpm test -x /usr/sbin/php-fpm8.2
    fi
    [ ${#missing_packages[@]} -eq 0 ] && return
    command -v apt-get >/dev/null 2>&1 || fail "this needs Debian 12 (apt-get is not here). Missing: ${missing_packages[*]}"
    say "Installing Debian packages: ${missing_packages[*]}"
    if [ "$needed" -gt 0 ]; then
        run 'Installing Debian packages' apt-install install_debian "${missing_packages[@]}"
    elif ! install_debian "${missing_packages[@]}" >"$LOG/apt-install.log" 2>&1 </dev/null; then
        say "  (they cannot be installed now: it goes without them)"
    fi
    [ "$(php -r 'echo PHP_VERSION_ID >= 80200 ? 1 : 0;')" = 1 ] || fail "PHP 8.2 or newer is needed; found $(php -r 'echo PHP_VERSION;')."
}

install_debian() {
    as_root apt-get update && as_root sh -c '
        # Servers run for this app alone, on loopback: those of the system are not started.
        kept=/usr/sbin/policy-rc.d
        if [ ! -e "$kept" ]; then
            printf "#!/bin/sh\nexit 101\n" >"$kept" && chmod 755 "$kept"
            trap "rm -f $kept" EXIT
        fi
        DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@"
    ' apt-get "$@"
}

node_is_new_enough() {
    node -e 'const [a,b]=process.versions.node.split(".").map(Number); process.exit(a>20||(a===20&&b>=19)?0:1)' 2>/dev/null
}

# Debian 12 ships Node 18, the build tool wants 20.19 or newer: the registry has Node itself as a package.
install_node() {
    [ -x "$TOOLS/node/node_modules/.bin/node" ] && export PATH="$TOOLS/node/node_modules/.bin:$PATH"
    node_is_new_enough && return
    local arch
    case $(uname -m) in
        x86_64) arch=x64 ;;
        aarch64) arch=arm64 ;;
        *) fail "Node 20.19 or newer is needed and there is none to install for $(uname -m)." ;;
    esac
    say 'Installing a newer Node beside the one of Debian'
    mkdir -p "$TOOLS/node"
    [ -e "$TOOLS/node/package.json" ] || echo '{"private":true}' >"$TOOLS/node/package.json"
    run 'Installing Node' node npm install --prefix "$TOOLS/node" "node-linux-$arch@22"
    mkdir -p "$TOOLS/node/node_modules/.bin"
    ln -sf "../node-linux-$arch/bin/node" "$TOOLS/node/node_modules/.bin/node"
    export PATH="$TOOLS/node/node_modules/.bin:$PATH"
    node_is_new_enough || fail "the Node that was installed does not run on this machine."
}

install_php_libraries() {
    [ -e vendor/autoload.php ] && ! changed composer composer.json core/composer.json composer.versions && return
    say 'Installing PHP libraries'
    run 'Installing PHP libraries' composer php bin/lib/composer.php
    record composer composer.json core/composer.json composer.versions
}

# The core has test tools of its own.
install_core() {
    [ -e core/vendor/autoload.php ] && ! changed core-composer core/composer.json composer.versions && return
    run 'Installing the test tools of the core' core-composer php bin/lib/composer.php --working-dir=core
    record core-composer core/composer.json composer.versions
}

install_front_end() {
    [ -d node_modules ] && ! changed npm package.json package-lock.json && return
    say 'Installing front-end libraries'
    # Not "npm ci": it refuses a lock file without download addresses for the packages of other platforms.
    run 'Installing front-end libraries' npm npm install --no-save
    record npm package.json package-lock.json
}

FRONT_END_SOURCES=(resources package.json package-lock.json vite.config.ts tsconfig.json)

build_front_end() {
    [ -e public/build/manifest.json ] && ! changed build "${FRONT_END_SOURCES[@]}" && return
    say 'Building the front end'
    # A page that is open asks for the pieces of the build it came from: those of the last build stay for one more.
    local before="$TOOLS/build-before" piece
    rm -rf "$before"
    mkdir -p "$before/assets"
    for piece in $(grep -o 'assets/[^"]*' public/build/manifest.json 2>/dev/null | sort -u); do
        cp -p "public/build/$piece" "$before/$piece"
    done
    run 'Building the front end' build npm run --silent build
    cp -pn "$before"/assets/* public/build/assets/ 2>/dev/null || true
    rm -rf "$before"
    record build "${FRONT_END_SOURCES[@]}"
}

install_all() {
    local free_mb LOCK
    alone install 'an installation'
    free_mb=$(df -Pm "$ROOT" | awk 'NR==2 {print $4}')
    [ "$free_mb" -ge 300 ] || fail "only $free_mb MB are free on this disk; at least 300 MB are needed."
    [ -e vendor/autoload.php ] || [ "$free_mb" -ge 1500 ] ||
        fail "only $free_mb MB are free on this disk; the first start needs about 1500 MB."
    mkdir -p bootstrap/cache "$STAMPS"
    install_packages "${1:-}"
    install_node
    # Beside each other: each waits for the network more than it works. Both are waited for, whatever fails, and say what did.
    local of_php failed=0
    install_php_libraries &
    of_php=$!
    (install_front_end && build_front_end) || failed=1
    wait "$of_php" || failed=1
    [ "$failed" -eq 0 ] || exit 1
    exec {LOCK}>&-
}
