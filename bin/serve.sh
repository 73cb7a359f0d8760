# Sourced by prepare.sh: serves the app on 127.0.0.1, and to the house where asked to, until told to end.
#
# Caddy takes the requests, and hands those for PHP to three pools of workers: one for answers that come at once, one for
# what is read from pixels cell by cell (a page asks for many ahead, and each device of the house for its own), one for
# what decodes pixels or makes sheets. Each queues behind itself, and the last two give way to the first (nice): the cells
# by a little, as somebody waits for the one in hand (by 5, one in a hundred took half a second beside 30 hands). Streams
# of what happens are held by a hub (nginx with nchan), so that none holds a worker: it asks PHP which stream it is to
# be. (Caddy can ask as well, but keeps the worker waiting until the stream ends.) Workers that die come back; so do these
# programs, should one end. All they write lies in the data folder. The workers may be on other machines
# (bin/answer, docs/serving.md).

LIGHT_WORKERS=4
CELL_WORKERS=3
HEAVY_WORKERS=2
HEAVY_NICE=${INCH_HEAVY_NICE:-10}   # how far they give way; not at all where tests keep the machine busy beside them
MOST_CERTIFICATES=30   # new ones a minute; a computer has a few addresses
ADDRESSES_LOOKED_AT_EVERY=${INCH_ADDRESSES_LOOKED_AT_EVERY:-10}   # seconds
ANSWERS_WITHIN=${INCH_ANSWERS_WITHIN:-60}   # seconds, on a machine however busy; then it is said that nothing answers

# How it is served, where not to this machine alone by its own workers:
HOUSE_PORT=''    # also to paired devices, on this port
BACKUP=''        # a copy every night, there
ANSWERED_BY=''   # machines that answer, in place of workers here: HOST:PORT,HOST:PORT
HUB_AT=''        # where those tell the hub what happens: HOST:PORT
ANNOUNCED=''     # what is said once it answers

# serve PORT DATA
serve() {
    local port=$1 data=$2 run pid pids=()
    run=$(mktemp -d "${TMPDIR:-/tmp}/inch-ladder-run.XXXXXX")   # short: a socket's path may have 107 bytes
    watched_over "$run" "$data"
    mkdir -p "$data/logs"
    find "$data" -name '*.part' -mmin +60 -exec rm -rf {} + 2>/dev/null || true
    [ -z "$HOUSE_PORT" ] || { (umask 077; mkdir -p "$data/house"); chmod 700 "$data/house"; }
    write_hub "$run"
    if [ -n "$HUB_AT" ]; then printf 'http://%s' "$HUB_AT"; else printf '%s/tell.sock' "$run"; fi >"$data/hub.address"
    set -m
    [ -n "$ANSWERED_BY" ] || start_workers "$run" "$data" ''
    guarded supervise "$data" "$(command -v nginx || echo /usr/sbin/nginx)" -e "$data/logs/server.log" -p "$run" -c "$run/hub.conf" & started $!
    # Five failures at once, and what keeps a program up gives up: then nothing is said to be there.
    until { [ -n "$ANSWERED_BY" ] || [ -S "$run/heavy.sock" ]; } && [ -S "$run/hub.sock" ]; do
        for pid in "${pids[@]}"; do kill -0 "$pid" 2>/dev/null || exit 1; done
        sleep 0.05
    done
    take_names "$run" "$data"
    write_front "$run" "$data" "$port"
    XDG_DATA_HOME=$([ -n "$HOUSE_PORT" ] && echo "$data/house" || echo "$run") XDG_CONFIG_HOME=$run guarded supervise "$data" caddy run --config "$run/Caddyfile" --adapter caddyfile & started $!
    [ -z "$BACKUP" ] || { guarded nightly "$data" "$BACKUP" & started $!; }
    set +m
    local patience=$((SECONDS + ANSWERS_WITHIN))
    until answers "$port"; do
        for pid in "${pids[@]}"; do kill -0 "$pid" 2>/dev/null || exit 1; done
        [ $SECONDS -lt $patience ] || { say "Inch Ladder does not answer on port $port; $data/logs/server.log says why." >&2; exit 1; }
        sleep 0.05
    done
    # All at once, so that whoever reads it has it whole.
    [ -z "$ANNOUNCED" ] || say "$ANNOUNCED$([ ! -s "$data/house.names" ] || printf '\nFor paired devices of the house: https://%s' $(<"$data/house.names"))"
    [ "${DB_CONNECTION:-sqlite}" != sqlite ] || { set -m; guarded check_wholly "$data" & ends_with_this $!; set +m; }
    while :; do
        without_held setpriv --pdeathsig KILL sleep $ADDRESSES_LOOKED_AT_EVERY & wait -n $! "${pids[@]}" || true
        assert_all_run "${pids[@]}"
        # A computer that is carried about, or given another address, is found under its new one.
        [ -z "$HOUSE_PORT" ] || take_names "$run" "$data"
    done
}

# answers PORT: whether what a page asks first is answered there; where other machines answer, whether somebody listens.
answers() {
    local door first=''
    { exec {door}<>"/dev/tcp/127.0.0.1/$1"; } 2>/dev/null || return 1
    if [ -n "$ANSWERED_BY" ]; then
        first=' 200 '
    else
        printf 'GET /api/catalogue HTTP/1.0\r\nHost: 127.0.0.1:%s\r\n\r\n' "$1" >&"$door" 2>/dev/null || true
        read -r -t 10 first <&"$door" || true
        cat <&"$door" >/dev/null   # hung up on, the front would log it
    fi
    exec {door}>&-
    [[ $first == *' 200 '* ]]
}

# answer HOST:PORT DATA: the workers alone, for a front on another machine, on this port and the two after it; and what is read ahead.
answer() {
    local data=$2 run pids=()
    run=$(mktemp -d "${TMPDIR:-/tmp}/inch-ladder-run.XXXXXX")
    watched_over "$run" ''
    mkdir -p "$data/logs"
    set -m
    start_workers "$run" "$data" "$1"
    INCH_DATA=$data guarded supervise "$data" php artisan queue:work --sleep=1 --tries=2 --max-time=3600 --quiet & started $!
    set +m
    wait -n "${pids[@]}" || true
    assert_all_run "${pids[@]}"
}

# start_workers RUN DATA HOST:PORT
start_workers() {
    remember_setup "$1" "$2"
    write_workers "$1" "$2" "$3"
    INCH_DATA=$2 guarded supervise "$2" "$(command -v php-fpm8.2 || echo /usr/sbin/php-fpm8.2)" --nodaemonize --fpm-config "$1/workers.conf" $([ "$(id -u)" = 0 ] && echo --allow-to-run-as-root) & started $!
}

# watched_over RUN DATA: whatever ends this shell, even a kill that cannot be caught, ends what it started, and removes the
# run folder and (where DATA is given) the address files. A process of another session waits for the end of a pipe that
# this shell alone holds; each job's number is written into that pipe, and when it began, as numbers are used again.
watched_over() {
    export -f since
    exec {ALIVE}> >(without_held setsid bash -c '
        run=$1 data=$2 jobs=() noted=$(cat)
        # Some of what they keep up makes a group of its own. One that ended, whose number another has by now, is let be.
        while read -r job began; do
            [ -e "/proc/$job" ] && [ "$(since "$job")" != "$began" ] || jobs+=("$job")
        done < <(echo "$noted"; cat "$run/parts" 2>/dev/null)
        for job in "${jobs[@]}"; do kill -TERM -- "-$job" 2>/dev/null; done
        for _ in 1 2 3 4 5 6; do
            left=
            for job in "${jobs[@]}"; do ! kill -0 -- "-$job" 2>/dev/null || left=yes; done
            [ -n "$left" ] || break
            sleep 0.1
        done
        for job in "${jobs[@]}"; do kill -KILL -- "-$job" 2>/dev/null; done
        rm -rf "$run" ${data:+"$data/hub.address" "$data/house.names" "$data/serving.at"}' watch "$1" "$2")
    WATCH=$!
    export INCH_PARTS=$1/parts
    HELD+=("$ALIVE")
    trap 'exec {ALIVE}>&-; wait $WATCH' EXIT
    trap 'exit 0' INT TERM HUP
}

# since PID: when it began, in ticks since the machine did; nothing where it ended.
since() { local stat; { stat=$(<"/proc/$1/stat"); } 2>/dev/null || return 0; set -- ${stat##*) }; echo "${20}"; }

# ends_with_this PID: a job that ends with this shell.
ends_with_this() { echo "$1 $(since "$1")" >&"$ALIVE"; }

# started PID: such a job, without which nothing is served.
started() { pids+=("$1"); ends_with_this "$1"; }

# assert_all_run PIDS…: a part that ended for good ends the whole, so that nothing serves by halves.
assert_all_run() {
    local pid
    for pid in "$@"; do kill -0 "$pid" 2>/dev/null || { say "A part of Inch Ladder ended. Start it again; $data/logs/server.log says why." >&2; exit 1; }; done
}

# answering NTH PREFIX SOCKET: where the NTH pool listens; its socket here, or that port of each machine that answers.
answering() {
    local one
    [ -n "$ANSWERED_BY" ] || { echo "$2$3"; return; }
    for one in ${ANSWERED_BY//,/ }; do printf '%s:%d ' "${one%:*}" $((${one##*:} + $1)); done
}

# take_names RUN DATA: the names it has now are written down where PHP reads them, and as files where the front looks
# before it shows a certificate. So nothing that listens begins anew when they change, and nobody is hung up on.
take_names() {
    local names='' name bare=()
    [ -z "$HOUSE_PORT" ] || names=$(house_names "$HOUSE_PORT")
    [ "$names" != "$(cat "$2/house.names" 2>/dev/null)" ] || [ ! -d "$1/own" ] || return 0
    mkdir -p "$1/own"
    for name in $names; do
        name=${name%:*} name=${name#[} name=${name%]}
        : >"$1/own/$name"
        bare+=("$name")
    done
    (cd "$1/own" && for name in *; do [[ " ${bare[*]} " == *" $name "* ]] || rm -f "$name"; done)
    printf '%s' "$names" >"$2/house.names.new" && mv -f "$2/house.names.new" "$2/house.names"
}

# house_names PORT: how the machine is found from others, each with the port, the easiest to type first.
house_names() {
    local address names=() longer=()
    for address in $(hostname -I); do
        case $address in
            169.254.*) ;;
            *:*) longer+=("[$address]:$1") ;;
            *) names+=("$address:$1") ;;
        esac
    done
    # Found by name only where something tells the others of it.
    [ ! -S /run/avahi-daemon/socket ] || names+=("$(hostname).local:$1")
    names+=("${longer[@]}")
    echo "${names[*]}"
}

# What this shell alone holds (locks, the pipe by which it is known to live): nothing that it starts keeps them.
HELD=()

# without_held COMMAND…: runs it with none of that.
without_held() {
    local one
    for one in "${HELD[@]}"; do exec {one}>&-; done
    exec "$@"
}

# guarded FUNCTION …: runs it in a shell of its own, which ends when this one does, whatever ended it.
guarded() { export -f since "$1"; without_held setpriv --pdeathsig TERM bash -c '"$@"' guarded "$@"; }

# supervise DATA COMMAND…: starts it again whenever it ends; its log turns over at a megabyte.
supervise() {
    local log=$1/logs/server.log
    shift
    local began child failed=0
    while [ $failed -lt 5 ]; do
        [ "$(stat -c %s "$log" 2>/dev/null || echo 0)" -gt 1048576 ] && mv -f "$log" "$log.1"
        began=$SECONDS
        setpriv --pdeathsig TERM "$@" >>"$log" 2>&1 & child=$!
        echo "$child $(since $child)" >>"$INCH_PARTS"
        wait $child || true
        # Workers outlive a master that was killed: all of this job but this shell ends.
        trap '' TERM
        kill -TERM -- -$$ -$child 2>/dev/null || true
        trap - TERM
        [ $((SECONDS - began)) -gt 2 ] && failed=0 || failed=$((failed + 1))
        sleep 0.3
    done
    printf '%s would not stay up; %s says why.\n' "$1" "$log" >&2
}

# remember_setup RUN DATA: settings and routes as the workers find them, read once instead of with every request; for this run alone.
remember_setup() {
    mkdir -p "$1/setup"
    export APP_CONFIG_CACHE=$1/setup/config.php APP_ROUTES_CACHE=$1/setup/routes.php APP_EVENTS_CACHE=$1/setup/events.php
    DB_PERSISTENT=1 INCH_DATA=$2 php artisan optimize --except=views >>"$2/logs/server.log" 2>&1 || unset APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE
}

# check_wholly DATA: every index and row of the database, once, while it serves already; the first page says what was found.
check_wholly() { INCH_DATA=$1 nice php artisan inch:care --every-index >>"$1/logs/server.log" 2>&1 || true; }

# nightly DATA FOLDER: copies what is kept once a night; looked at every quarter of an hour, as computers sleep.
nightly() {
    while :; do
        INCH_DATA=$1 php artisan inch:backup "$2" --nightly >>"$1/logs/server.log" 2>&1 || true
        sleep 900
    done
}

# write_workers RUN DATA [HOST:PORT]: on sockets of this machine, or on that port and the two after it.
write_workers() {
    local pool listen nth=0
    {
        printf '[global]\nerror_log = "%s/logs/server.log"\nlog_level = warning\nprocess_control_timeout = 5s\n' "$2"
        for pool in light:$LIGHT_WORKERS:30:0 cells:$CELL_WORKERS:60:1 heavy:$HEAVY_WORKERS:150:$HEAVY_NICE; do
            IFS=: read -r name workers seconds nice <<<"$pool"
            listen=$1/$name.sock
            [ -z "${3:-}" ] || listen=${3%:*}:$((${3##*:} + nth))
            nth=$((nth + 1))
            cat <<CONF
[$name]
$([ "$(id -u)" = 0 ] && printf 'user = root\ngroup = root\n')
listen = $listen
listen.mode = 0600
listen.backlog = 1024
pm = static
pm.max_children = $workers
pm.max_requests = 2000
process.priority = $nice
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
    # What holds for all workers alike, before any of them begins. Nothing is compiled to machine code: what answers at once is a
    # tenth slower for it, loops over pixels a tenth faster, and a server takes most of a second longer to begin (measured).
    mkdir -p "$1/php"
    cat >"$1/php/inch-ladder.ini" <<CONF
opcache.enable = 1
opcache.memory_consumption = 128
opcache.max_accelerated_files = 20000
opcache.revalidate_freq = 1
opcache.jit = disable
opcache.preload = "$PWD/bootstrap/preload.php"
opcache.preload_user = $(id -un)
expose_php = 0
CONF
    export PHP_INI_SCAN_DIR=:$1/php
}

# The hub: who hears is told by the path, first the drawing, then the device, whose every stream ends when its channel is deleted.
write_hub() {
    cat >"$1/hub.conf" <<CONF
daemon off;
$([ "$(id -u)" = 0 ] && echo 'user root;')
worker_processes 1;
pid $1/hub.pid;
load_module /usr/lib/nginx/modules/ngx_nchan_module.so;
events { worker_connections 4096; }
http {
    access_log off;
    server_tokens off;
    client_body_temp_path $1; proxy_temp_path $1; fastcgi_temp_path $1; uwsgi_temp_path $1; scgi_temp_path $1;
    nchan_max_reserved_memory 32m;
    nchan_message_buffer_length 50;
    nchan_message_timeout 1m;
    upstream light {
$(for one in $(answering 0 unix: "$1/light.sock"); do echo "        server $one;"; done)
    }
    server {
        listen unix:$1/hub.sock;
        # Which stream it is to be, and whether it is given at all, is PHP's to say; said that, its worker is free. The door is
        # said in a header, which the front writes over whatever was sent: no way of writing an address leads to another.
        location ~ ^/api/.*/events$ {
            fastcgi_param REQUEST_METHOD \$request_method;
            fastcgi_param QUERY_STRING \$query_string;
            fastcgi_param SERVER_PROTOCOL \$server_protocol;
            fastcgi_param SCRIPT_FILENAME "$PWD/public/index.php";
            fastcgi_param SCRIPT_NAME /index.php;
            fastcgi_param REQUEST_URI \$request_uri;
            fastcgi_param INCH_DOOR \$http_x_inch_door;
            fastcgi_pass light;
        }
        location ~ ^/hear/(\w+)/(\w+)$ {
            internal;
            nchan_subscriber eventsource;
            nchan_channel_id \$1 \$2;
            nchan_eventsource_ping_interval 20;
            nchan_subscriber_first_message newest;
        }
    }
    # Where what happens is told; the front does not come here.
    server {
        listen unix:$1/tell.sock;
        $([ -z "$HUB_AT" ] || echo "listen $HUB_AT;")
        location ~ ^/tell/(\w+)$ {
            nchan_publisher http;
            nchan_channel_id \$1;
        }
    }
}
CONF
}

# write_front RUN DATA PORT
write_front() {
    cat >"$1/Caddyfile" <<CONF
{
    admin unix/$1/admin.sock
    auto_https disable_redirects
    skip_install_trust
    on_demand_tls {
        ask http://127.0.0.1:$3/own-name
        interval 1m
        burst $MOST_CERTIFICATES
    }
    pki {
        ca local {
            name "Inch Ladder of $(hostname)"
            root_cn "Inch Ladder of $(hostname)"
            intermediate_cn "Inch Ladder of $(hostname), present"
        }
    }
    servers {
        protocols h1 h2
        timeouts {
            read_header 10s
            idle 5m
        }
    }
    log {
        level ERROR
    }
}
$(for pool in light:0 cells:1 heavy:2; do cat <<POOL
# DOOR
(${pool%:*}) {
    php_fastcgi $(answering ${pool#*:} unix/ "$1/${pool%:*}.sock") {
        root "$PWD/public"
        try_files index.php
        env INCH_DOOR {args.0}
        # A body that comes slowly, or never, holds no worker: the front has all of it first.
        $([ "${pool%:*}" = heavy ] || printf 'buffer_requests\n        max_buffer_size 16MB')
        # A machine that does not answer is passed over. (None is marked for failing: whoever breaks off what he sends would mark it.)
        lb_try_duration 3s
        lb_try_interval 50ms
    }
}
POOL
done)
# DOOR
(app) {
    root * "$PWD/public"
    # What is told as it happens waits for nothing.
    @whole not path /api/*/events /api/drawings/*/events
    encode @whole gzip
    request_body {
        max_size 128MB
    }
    header {
        -Server
        -X-Powered-By
        X-Content-Type-Options nosniff
        Cross-Origin-Resource-Policy same-origin
        Referrer-Policy same-origin
    }
    @shipped path /build/* /icon* /manifest.webmanifest /favicon.ico
    handle @shipped {
        # The icon under the address that browsers ask unasked.
        rewrite /favicon.ico /icon-192.png
        header /build/worker.js Service-Worker-Allowed /
        header /build/worker.js Cache-Control no-cache
        header /build/assets/* Cache-Control "public, max-age=31536000, immutable"
        file_server
    }
    @streams path /api/*/events /api/drawings/*/events
    handle @streams {
        reverse_proxy unix/$1/hub.sock {
            flush_interval -1
            header_up X-Inch-Door {args.0}
        }
    }
    # By patterns: the stars of a path stop at its slashes.
    @heavy path_regexp "^/api/(photos(/.*)?|archives|made/.*|drawings/[^/]+/((sheets|rehearsal)/.*|(tones|shots)(/.*)?|colours/at|edges|masses|contours|rehearsed-shot|drawing[.]zip|swatches|rehearsed-swatches|squared|page|strokes))\$"
    @cells {
        method GET
        path_regexp "^/api/drawings/[^/]+/(cells/.*|copying|unguarded|finish)\$"
    }
    @begin {
        method POST
        path /api/drawings
    }
    handle @heavy {
        import heavy {args.0}
    }
    handle @cells {
        import cells {args.0}
    }
    handle @begin {
        import heavy {args.0}
    }
    handle {
        import light {args.0}
    }
}
http://:$3 {
    bind 127.0.0.1
    handle /own-name {
        root * "$1/own"
        # Exactly a name: what leads to one by a way round is none.
        @own {
            file {query.domain}
            expression {query.domain}.matches("^[0-9A-Za-z.:-]+$")
        }
        respond @own 200
        respond 403
    }
    import app here
}
CONF
    [ -z "$HOUSE_PORT" ] || cat >>"$1/Caddyfile" <<CONF
# Under no other name than its own is there a certificate.
https://:$HOUSE_PORT {
    tls internal {
        on_demand
    }
    # A stranger has nothing to send but a code. What else comes with a body comes from a paired device, which is asked
    # first, without the body: an invented key changes nothing.
    route {
        @code path /pair
        request_body @code {
            max_size 4KB
        }
        @sent {
            not method GET HEAD
            not path /pair
        }
        reverse_proxy @sent $(answering 0 unix/ "$1/light.sock") {
            method GET
            transport fastcgi {
                root "$PWD/public"
                env SCRIPT_FILENAME "$PWD/public/index.php"
                env INCH_DOOR house
                env INCH_ASKS paired
            }
            @paired status 204
            handle_response @paired {
                vars paired yes
            }
        }
        handle /pair/certificate.crt {
            root * "$2/house/caddy/pki/authorities/local"
            rewrite * /root.crt
            header Content-Type application/x-x509-ca-cert
            file_server
        }
        import app house
    }
}
CONF
}
