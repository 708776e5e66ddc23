# Sourced by bin/demo and bin/test: installs whatever the application needs and this machine lacks.
# Every step is skipped when it has been done for the files as they are now.

say() { printf '\033[1m%s\033[0m\n' "$*"; }

as_root() {
    if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi
}

# Debian packages for what is missing; the list is refreshed once, before the first of them.
install_system() {
    local missing=() version
    command -v php >/dev/null || missing+=(php-cli)
    command -v composer >/dev/null || missing+=(composer)
    command -v npm >/dev/null || missing+=(nodejs npm)
    version=$(php -r 'echo PHP_MAJOR_VERSION, ".", PHP_MINOR_VERSION;' 2>/dev/null || echo 8.2)
    local extension there
    there=$(php -m 2>/dev/null | tr '[:upper:]' '[:lower:]' || true)
    for extension in sqlite3 curl zip gd intl mbstring xml; do
        grep -qx "$extension" <<<"$there" || missing+=("php$version-$extension")
    done
    local package
    for package in "$@"; do
        dpkg -s "$package" >/dev/null 2>&1 || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return
    say "Installing ${missing[*]}"
    as_root apt-get update -qq
    as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "${missing[@]}" >/dev/null
}

# once NAME FILES... -- COMMAND: runs the command unless it has been run for these very files.
once() {
    local name=$1 files=() sum
    shift
    while [ "$1" != -- ]; do files+=("$1"); shift; done
    shift
    sum=$(find "${files[@]}" -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum)
    mkdir -p build/stamps
    if [ "$(cat "build/stamps/$name" 2>/dev/null)" = "$sum" ]; then return; fi
    rm -f "build/stamps/$name"
    "$@" || return
    printf '%s' "$sum" > "build/stamps/$name"
}

install_php_packages() { say 'Installing the PHP packages'; COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress --quiet; }
install_npm_packages() { say 'Installing the packages of the interface'; npm ci --no-progress --silent; }
build_interface() { say 'Building the interface'; npm run --silent build >/dev/null; }

install_packages() {
    [ -d vendor ] || rm -f build/stamps/php
    [ -d node_modules ] || rm -f build/stamps/npm
    [ -d public/build ] || rm -f build/stamps/interface
    once php composer.json -- install_php_packages
    once npm package-lock.json -- install_npm_packages
    once interface resources package-lock.json vite.config.ts svelte.config.js -- build_interface
}

# A key of this machine's own, made once.
make_env() {
    [ -f .env ] && return
    (umask 077 && cp .env.example .env)
    php artisan key:generate --force --quiet
}

# What a server is started with, one setting a line: it finds compiled what it needs. Searches and tests have those of
# bin/jit.flags: with the just-in-time compiler they take two thirds of the time. The two do not go together.
server_settings() {
    echo opcache.enable_cli=1
    echo "opcache.file_cache=$PWD/build/compiled"
}

# The addresses of the application, put in order once; for a server alone: who changes them does not want the old ones.
ROUTES=build/compiled/routes.php

compile_all() {
    # A server that runs may be writing there: what it keeps is looked at again by its age.
    rm -rf build/compiled 2>/dev/null || true
    (umask 077 && mkdir -p build/compiled)
    local settings
    mapfile -t settings < <(server_settings | sed 's/^/-d/')
    php "${settings[@]}" -d memory_limit=1G artisan pages:compile
    APP_ROUTES_CACHE=$ROUTES php artisan route:cache --quiet
}

compile_pages() {
    [ -d build/compiled ] || rm -f build/stamps/compiled
    once compiled app core bootstrap/app.php routes composer.json -- compile_all
}
