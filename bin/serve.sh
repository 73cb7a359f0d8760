# Sourced by prepare.sh: serves the app on 127.0.0.1, until told to end.
#
# Caddy takes the requests, and hands those for PHP to two pools of workers: one for answers that
# come at once, one for what decodes pixels or makes sheets, which so queues behind itself. Workers
# that die come back; so do the two programs, should either end. All they write lies in the data folder.

LIGHT_WORKERS=4
HEAVY_WORKERS=2

# serve PORT DATA
serve() {
    local port=$1 data=$2 run pids=()
    run=$(mktemp -d "${TMPDIR:-/tmp}/inch-ladder-run.XXXXXX")   # short: a socket's path may have 107 bytes
    mkdir -p "$data/logs"
    find "$data" -name '*.part' -mmin +60 -exec rm -rf {} + 2>/dev/null || true
    write_workers "$run" "$data"
    write_front "$run" "$port"
    set -m
    INCH_DATA=$data guarded supervise "$data" "$(command -v php-fpm8.2 || echo /usr/sbin/php-fpm8.2)" --nodaemonize --fpm-config "$run/workers.conf" $([ "$(id -u)" = 0 ] && echo --allow-to-run-as-root) & pids+=($!)
    for _ in $(seq 100); do [ -S "$run/heavy.sock" ] && break; sleep 0.05; done
    XDG_DATA_HOME=$run XDG_CONFIG_HOME=$run guarded supervise "$data" caddy run --config "$run/Caddyfile" --adapter caddyfile & pids+=($!)
    set +m
    trap "for pid in ${pids[*]}; do kill -TERM -- -\$pid 2>/dev/null; done; sleep 0.3; for pid in ${pids[*]}; do kill -KILL -- -\$pid 2>/dev/null; done; rm -rf '$run'" EXIT
    trap 'exit 0' INT TERM HUP
    wait
}

# guarded FUNCTION …: runs it in a shell of its own, which ends when this one does, whatever ended it.
guarded() { export -f "$1"; exec setpriv --pdeathsig TERM bash -c '"$@"' guarded "$@"; }

# supervise DATA COMMAND…: starts it again whenever it ends; its log turns over at a megabyte.
supervise() {
    local log=$1/logs/server.log
    shift
    local began failed=0
    while [ $failed -lt 5 ]; do
        [ "$(stat -c %s "$log" 2>/dev/null || echo 0)" -gt 1048576 ] && mv -f "$log" "$log.1"
        began=$SECONDS
        setpriv --pdeathsig TERM "$@" >>"$log" 2>&1 || true
        [ $((SECONDS - began)) -gt 2 ] && failed=0 || failed=$((failed + 1))
        sleep 0.3
    done
    printf '%s would not stay up; %s says why.\n' "$1" "$log" >&2
}

write_workers() {
    local pool
    {
        printf '[global]\nerror_log = %s/logs/server.log\nlog_level = warning\nprocess_control_timeout = 5s\n' "$2"
        for pool in light:$LIGHT_WORKERS:30 heavy:$HEAVY_WORKERS:150; do
            IFS=: read -r name workers seconds <<<"$pool"
            cat <<CONF
[$name]
$([ "$(id -u)" = 0 ] && printf 'user = root\ngroup = root\n')
listen = $1/$name.sock
listen.mode = 0600
listen.backlog = 128
pm = static
pm.max_children = $workers
pm.max_requests = 2000
request_terminate_timeout = ${seconds}s
clear_env = no
catch_workers_output = yes
decorate_workers_output = no
php_admin_value[memory_limit] = 512M
php_admin_value[upload_max_filesize] = 65M
php_admin_value[post_max_size] = 80M
php_admin_value[max_execution_time] = $((seconds - 5))
php_admin_value[upload_tmp_dir] = $1
php_admin_flag[display_errors] = off
php_admin_flag[expose_php] = off
CONF
        done
    } >"$1/workers.conf"
    # What holds for all workers alike, before any of them begins.
    mkdir -p "$1/php"
    cat >"$1/php/inch-ladder.ini" <<CONF
opcache.enable = 1
opcache.memory_consumption = 128
opcache.max_accelerated_files = 20000
opcache.revalidate_freq = 1
opcache.jit = function
opcache.jit_buffer_size = 64M
opcache.preload = $PWD/bootstrap/preload.php
opcache.preload_user = $(id -un)
expose_php = 0
CONF
    export PHP_INI_SCAN_DIR=:$1/php
}

write_front() {
    cat >"$1/Caddyfile" <<CONF
{
    admin off
    auto_https off
    log {
        level ERROR
    }
}
(php) {
    php_fastcgi unix/{args.0} {
        root $PWD/public
        try_files index.php
    }
}
http://:$2 {
    bind 127.0.0.1
    root * $PWD/public
    encode gzip
    header {
        -Server
        -X-Powered-By
        X-Content-Type-Options nosniff
        Cross-Origin-Resource-Policy same-origin
        Referrer-Policy no-referrer
    }
    @shipped {
        path /build/* /icon.svg
        file
    }
    handle @shipped {
        header /build/worker.js Service-Worker-Allowed /
        header /build/worker.js Cache-Control no-cache
        header /build/assets/* Cache-Control "public, max-age=31536000, immutable"
        file_server
    }
    @heavy {
        path /api/photos* /api/archives /api/made/* /api/drawings/*/sheets/* /api/drawings/*/rehearsal/* /api/drawings/*/tones* /api/drawings/*/edges /api/drawings/*/masses /api/drawings/*/drawing.zip
    }
    @begin {
        method POST
        path /api/drawings
    }
    handle @heavy {
        import php $1/heavy.sock
    }
    handle @begin {
        import php $1/heavy.sock
    }
    handle {
        import php $1/light.sock
    }
}
CONF
}
