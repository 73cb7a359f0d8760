# Sourced by the commands beside it: installs and builds whatever is missing, and says what it is doing.
# A step that fails names itself and the cure.

set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
export DEBIAN_FRONTEND=noninteractive COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1
export MAGICK_CONFIGURE_PATH="$PWD/config/magick"
export PATH="$PWD/.tools/node_modules/.bin:$PATH"
NODE_FALLBACK=20.20.2
LOG=$(mktemp)
trap 'rm -f "$LOG"' EXIT

say() { printf '%s\n' "$*"; }

# step NAME CURE COMMAND…
step() {
    local name=$1 cure=$2
    shift 2
    say "· $name"
    if ! "$@" >"$LOG" 2>&1; then
        tail -n 25 "$LOG" >&2
        printf '\nThis step failed: %s\nWhat helps: %s\n' "$name" "$cure" >&2
        exit 1
    fi
}

as_root() { if [ "$(id -u)" = 0 ]; then "$@"; else sudo -E "$@"; fi; }

# missing PACKAGE…: those of them that are not installed, a line each.
missing() { comm -23 <(printf '%s\n' "$@" | sort) <(dpkg-query -W -f='${Package} ${Status}\n' "$@" 2>/dev/null | sed -n 's/ [a-z]* ok installed$//p' | sort); }

packages() {
    local missing
    mapfile -t missing < <(missing "$@")
    [ ${#missing[@]} -eq 0 ] && return
    local cure='check that this machine reaches its Debian mirror, and that you are root or may use sudo.'
    step 'reading the list of Debian packages' "$cure" as_root apt-get update
    step "installing ${missing[*]}" "$cure" as_root apt-get install -y --no-install-recommends "${missing[@]}"
}

# Packages that bring a service with them: the program is wanted, not the service on its usual port.
without_services() {
    local policy=/usr/sbin/policy-rc.d missing made=''
    mapfile -t missing < <(missing "$@")
    [ ${#missing[@]} -eq 0 ] && return
    if [ ! -e $policy ]; then
        made=yes
        printf '#!/bin/sh\nexit 101\n' | as_root tee $policy >/dev/null
        as_root chmod +x $policy
    fi
    packages "${missing[@]}"
    [ -z "$made" ] || as_root rm -f $policy
    if command -v systemctl >/dev/null; then as_root systemctl disable "${missing[@]}" >/dev/null 2>&1 || true; fi
}

prepare_php() {
    local php=php8.2
    packages ca-certificates git unzip fonts-liberation fonts-dejavu-core fonts-wqy-microhei librsvg2-bin qpdf poppler-utils libjpeg-turbo-progs libvips-tools util-linux "$php-cli" "$php-sqlite3" "$php-gmp" "$php-gd" "$php-curl" "$php-zip" "$php-mbstring" "$php-xml" "$php-imagick"
    without_services caddy "$php-fpm" nginx libnginx-mod-nchan
    command -v composer >/dev/null || packages composer
    if [ ! -f vendor/autoload.php ] || [ composer.json -nt vendor/autoload.php ]; then
        step 'fetching PHP libraries' 'check that this machine reaches the PHP package registry, then run this again.' composer update --no-progress --prefer-dist
        touch vendor/autoload.php
    fi
}

node_is_new_enough() { command -v node >/dev/null && node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)'; }

prepare_node() {
    command -v npm >/dev/null || packages nodejs npm
    if ! node_is_new_enough; then
        local arch=x64
        [ "$(uname -m)" = aarch64 ] && arch=arm64
        step "fetching Node $NODE_FALLBACK, as the system's is older" 'check that this machine reaches the npm registry, then run this again.' npm install --prefix .tools --no-save --no-audit --no-fund "node-linux-$arch@$NODE_FALLBACK"
        mkdir -p .tools/node_modules/.bin
        ln -sf "../node-linux-$arch/bin/node" .tools/node_modules/.bin/node
        hash -r
    fi
    if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
        step 'fetching front end libraries' 'check that this machine reaches the npm registry, then run this again.' npm ci --no-audit --no-fund
        touch node_modules/.package-lock.json
    fi
}

prepare_front_end() {
    prepare_node
    if [ ! -f public/build/manifest.json ] || [ -n "$(find resources/js package.json vite.config.ts -newer public/build/manifest.json -print -quit)" ]; then
        step 'building the front end' 'read the lines above; removing node_modules and running this again cures a half-finished install.' npm run build
    fi
}

source bin/serve.sh

# hold FILE: locks it for this shell, and for nothing that it starts; waits a moment for one that is just ending.
hold() {
    local held
    { exec {held}>>"$1"; } 2>/dev/null || return 1
    if flock --wait 3 "$held"; then HELD+=("$held"); return 0; fi
    exec {held}>&-
    return 1
}

# take_port FIRST LAST: leaves in PORT the first port from FIRST to LAST that nobody listens on, and keeps it
# for this shell: between looking and listening another could choose the same, and the front listens so
# (SO_REUSEPORT) that both would be let, each answering half of the other's requests. Where one port is asked
# for by its number, one that is just ending is waited for.
take_port() {
    local held patience=$((SECONDS + ($1 == $2 ? 4 : 0)))
    while :; do
        for ((PORT = $1; PORT <= $2; PORT++)); do
            { exec {held}>>"${TMPDIR:-/tmp}/inch-ladder-$(id -u)-port-$PORT.lock"; } 2>/dev/null || continue
            if flock --nonblock "$held" && php -r 'exit(@stream_socket_server("tcp://0.0.0.0:$argv[1]") ? 0 : 1);' "$PORT"; then
                HELD+=("$held")
                return 0
            fi
            exec {held}>&-
        done
        [ $SECONDS -lt $patience ] || return 1
        sleep 0.2
    done
}
