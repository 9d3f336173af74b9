# Sourced by bin/start, bin/test, bin/shots and bin/bench after `cd` to the project: makes everything they need, and nothing twice.
# Steps that are done leave a mark below .run with the checksum of what they were made from.

RUN=$PWD/.run
mkdir -p "$RUN/tmp"
# In case the caller's PATH lacks the servers' folders.
PATH=$PATH:/usr/sbin:/sbin
export PATH COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1

say() { printf '%s\n' "$*" >&2; }

have_extension() { php -m 2>/dev/null | grep -qix "$1"; }

# missing_packages [test | mutate]: the Debian packages whose commands or extensions are not there
missing_packages() {
    command -v php > /dev/null || printf 'php8.2-cli '
    ls /usr/sbin/php-fpm8.* > /dev/null 2>&1 || printf 'php8.2-fpm '
    for ext in pgsql:pdo_pgsql mbstring:mbstring xml:dom intl:intl curl:curl zip:zip; do
        have_extension "${ext#*:}" || printf 'php8.2-%s ' "${ext%:*}"
    done
    command -v composer > /dev/null || printf 'composer '
    command -v unzip > /dev/null || printf 'unzip '
    command -v node > /dev/null || printf 'nodejs '
    command -v npm > /dev/null || printf 'npm '
    command -v nginx > /dev/null || printf 'nginx-light '
    ls /usr/lib/postgresql/*/bin/initdb > /dev/null 2>&1 || printf 'postgresql-15 '
    command -v setpriv > /dev/null || printf 'util-linux '
    command -v runsvdir > /dev/null || printf 'runit '
    command -v pgrep > /dev/null || printf 'procps '
    # Prints sheets as PDF; drives the tests of the interface.
    command -v chromium > /dev/null || printf 'chromium '
    if [ "${1:-}" = test ]; then
        command -v chromedriver > /dev/null || printf 'chromium-driver '
        command -v units > /dev/null || printf 'units '
        command -v git > /dev/null || printf 'git '
    fi
    [ "${1:-}" != mutate ] || have_extension pcov || printf 'php8.2-pcov '
}

# helpful_packages: nothing fails without them, so they are tried for once. Long division in C; else brick/math does it in PHP, with the
# same results and slower.
helpful_packages() { [ -e "$RUN/helpful.tried" ] || have_extension bcmath || printf 'php8.2-bcmath '; }

# install_packages [test | mutate]: with apt as root or by sudo; else says exactly what to install
install_packages() {
    packages=$(missing_packages "${1:-}")
    helpful=$(helpful_packages)
    [ -n "$packages$helpful" ] || return 0
    if [ "$(id -u)" = 0 ]; then as_root=
    elif command -v sudo > /dev/null && sudo -n true 2>/dev/null; then as_root=sudo
    elif [ -z "$packages" ]; then return 0
    else
        say "These Debian packages are missing and need an administrator:"
        say "    apt-get install $packages"
        exit 1
    fi
    say "Installing: $packages$helpful"
    # Packages that bring servers must not start their own here: this project starts its own on loopback.
    policy=/usr/sbin/policy-rc.d
    if [ ! -e $policy ]; then
        printf '#!/bin/sh\nexit 101\n' | $as_root tee $policy > /dev/null
        $as_root chmod 755 $policy
        trap '$as_root rm -f $policy' EXIT
    fi
    $as_root apt-get update -qq || [ -z "$packages" ] || exit 1
    with_apt() { $as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" > "$RUN/apt.log" 2>&1; }
    # shellcheck disable=SC2086
    with_apt $packages || { tail -20 "$RUN/apt.log" >&2; exit 1; }
    # shellcheck disable=SC2086
    with_apt $helpful || say "Not installed, and not needed: $helpful"
    touch "$RUN/helpful.tried"
    if [ "$(cat $policy 2>/dev/null)" = "$(printf '#!/bin/sh\nexit 101')" ]; then $as_root rm -f $policy; fi
    trap - EXIT
}

# once NAME COMMAND FILES...: runs the command when any of the files changed since it last went well
once() {
    name=$1 command=$2
    shift 2
    sum=$(find "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 sha256sum | sha256sum)
    [ "$(cat "$RUN/$name.done" 2>/dev/null)" = "$sum" ] && return 0
    say "Preparing: $name"
    $command > "$RUN/$name.log" 2>&1 || { tail -20 "$RUN/$name.log" >&2; exit 1; }
    echo "$sum" > "$RUN/$name.done"
}

php_packages() {
    # The exact set that was tested; where one of them can no longer be had, what composer.json allows.
    # shellcheck disable=SC2046
    composer update --no-progress $(sed 's/^/--with=/' composer.versions) || composer update --no-progress
    # Some packages come with files for their owner alone.
    chmod -R a+rX vendor
}

front_end_packages() { npm ci --no-audit --no-fund || npm install --no-audit --no-fund; }

front_end() { npm run build; }

# setting LINES: puts NAME=VALUE lines into .env; a changed one makes the remembered configuration stale
setting() {
    printf '%s\n' "$1" | while IFS= read -r line; do
        grep -qxF "$line" .env && continue
        { grep -v "^${line%%=*}=" .env || true; echo "$line"; } > "$RUN/env.new"
        cat "$RUN/env.new" > .env
        rm -f "$RUN/env.new" bootstrap/cache/config.php
    done
}

environment() {
    [ -s .env ] || (umask 077 && printf 'APP_NAME="Mint Buckle"\nAPP_ENV=production\nAPP_DEBUG=false\nAPP_KEY=base64:%s\n' "$(php -r 'echo base64_encode(random_bytes(32));')" > .env)
    # For the application too, where it runs as somebody else.
    chgrp "$(stat -c %g storage)" .env
    chmod 640 .env
    setting 'SESSION_DRIVER=database
SESSION_ENCRYPT=true
CACHE_STORE=file
QUEUE_CONNECTION=database
MAIL_MAILER=log
LOG_CHANNEL=daily
LOG_LEVEL=warning
DB_PERSISTENT=true
BCRYPT_ROUNDS=12'
    # The cluster's port may change between starts.
    setting "$(sh bin/lib/pg.sh env)"
}

# prepare [test | mutate]
prepare() {
    install_packages "${1:-}"
    # One at a time: several runs may start together.
    exec 9> "$RUN/prepare.lock"
    flock 9
    [ -d vendor/composer ] || rm -f "$RUN/php-packages.done"
    [ -d node_modules/vite ] || rm -f "$RUN/front-end-packages.done"
    [ -e public/build/manifest.json ] || rm -f "$RUN/front-end.done"
    once php-packages php_packages composer.json composer.versions
    once front-end-packages front_end_packages package.json package-lock.json
    once front-end front_end resources/js resources/scss vite.config.js package-lock.json
    sh bin/lib/pg.sh start
    environment
    exec 9>&-
}
