#!/bin/sh
# serve.sh start|stop|reload|own|url|feed|run NAME: the application's processes below runit, from the project's own files.
#
# Which process is whose is asked of runit's own pipes and locks below .run/sv, never of a number in a file: a foreign process that got
# the number of one of ours is neither believed nor stopped. What dies is started again, whoever kills it.
set -eu
cd "$(dirname "$0")/../.."
ROOT=$PWD
R=$ROOT/.run
SV=$R/sv
# What the processes write: theirs alone.
A=$R/app
SERVICES='keeper postgres fpm nginx queue feed'
FPM=$(ls /usr/sbin/php-fpm8.* | sort -V | tail -1)
NGINX=/usr/sbin/nginx
# Nothing that answers the outside runs as root: as www-data, or, where that cannot enter (/root/...), as a mapped user.
if [ "$(id -u)" != 0 ]; then AS_APP= OWNER=
elif setpriv --reuid=www-data --regid=www-data --init-groups test -x "$ROOT" 2>/dev/null; then AS_APP='setpriv --reuid=www-data --regid=www-data --init-groups' OWNER=www-data
else AS_APP='unshare --user --map-user=1000 --map-group=1000' OWNER=; fi
# Nobody waits longer than this for a row that somebody else holds, or for one statement. The queue's work may take its time.
FOR_PAGES='-c lock_timeout=3s -c statement_timeout=15s -c idle_in_transaction_session_timeout=30s'
FOR_QUEUE='-c lock_timeout=20s'

taken() { php -r 'exit(@fsockopen("127.0.0.1", (int) $argv[1], $e, $m, 0.2) ? 0 : 1);' "$1"; }
# One that starts again what watches the others: were it killed, the watching would go on, but not the watching of the watchers.
supervise() { (cd / && exec setsid runsvdir -P "$SV" > /dev/null 2>&1 < /dev/null 9>&-) & }
supervised() { pgrep -xf "runsvdir -P $SV" > /dev/null; }
is_up() { [ -p "$SV/$1/supervise/ok" ] && sv status "$SV/$1" 2>/dev/null | grep -q '^run:'; }

# own: root's set-up leaves nothing behind that the application could not write.
own() {
    mkdir -p "$A/tmp" storage/logs storage/app storage/framework/cache/data storage/framework/sessions storage/framework/views
    if [ -n "$OWNER" ]; then
        chown -R "$OWNER:$OWNER" "$A" storage bootstrap/cache
        find storage bootstrap/cache -type d -exec chmod g+ws {} +
        chgrp "$OWNER" .env
        chmod -R a+rX app artisan bootstrap config core database lang present public resources routes vendor
    fi
    chmod -R o-rwx storage bootstrap/cache
}

configure() {
    cat > "$R/fpm.conf" <<C
[global]
error_log = $A/fpm.log
daemonize = no
[app]
listen = $A/fpm.sock
listen.backlog = 1024
pm = static
pm.max_children = 12
pm.max_requests = 5000
request_terminate_timeout = 40s
catch_workers_output = yes
clear_env = no
php_admin_value[memory_limit] = 512M
php_admin_value[upload_max_filesize] = 64M
php_admin_value[post_max_size] = 66M
php_admin_value[max_input_vars] = 3000
php_admin_flag[expose_php] = off
C
    headers='add_header X-Content-Type-Options nosniff always; add_header X-Frame-Options DENY always; add_header Referrer-Policy same-origin always; add_header Content-Security-Policy "default-src '"'self'"'; img-src '"'self'"' data:; style-src '"'self' 'unsafe-inline'"'; frame-ancestors '"'none'"'; base-uri '"'none'"'; form-action '"'self'"'" always;'
    cat > "$R/nginx.conf" <<C
worker_processes 2;
worker_rlimit_nofile 8192;
pid $A/nginx.pid;
error_log $A/nginx-error.log warn;
daemon off;
events { worker_connections 2048; }
http {
    include /etc/nginx/mime.types;
    default_type application/octet-stream;
    access_log off;
    sendfile on; keepalive_timeout 30s; server_tokens off;
    client_header_timeout 15s; client_body_timeout 30s; send_timeout 30s; large_client_header_buffers 4 16k;
    gzip on; gzip_min_length 512; gzip_types text/css application/javascript application/json image/svg+xml;
    client_body_temp_path $A/tmp/b; proxy_temp_path $A/tmp/p; fastcgi_temp_path $A/tmp/f; uwsgi_temp_path $A/tmp/u; scgi_temp_path $A/tmp/s;
    client_max_body_size 66m;
    # What this device spoke last, else what it asks for first.
    map \$http_accept_language \$asked { default en; ~*^es es; }
    map \$cookie_language \$speaks { default \$asked; en en; es es; }
    server {
        listen 127.0.0.1:$1 backlog=1024;
        root $ROOT/public;
        index index.php;
        # Where the application itself cannot answer, pages that it made beforehand do.
        error_page 400 494 /errors/400.html;
        error_page 403 404 /errors/404.html;
        error_page 405 /errors/405.html;
        error_page 413 /errors/413.html;
        error_page 414 /errors/414.html;
        error_page 500 501 505 /errors/500.html;
        error_page 502 503 /errors/502.html;
        error_page 504 /errors/504.html;
        location ^~ /errors/ { internal; alias $A/errors/\$speaks/; $headers }
        location /build/ { $headers add_header Cache-Control "public, max-age=31536000, immutable"; try_files \$uri =404; }
        location / { $headers try_files \$uri /index.php?\$query_string; }
        location = /index.php {
            fastcgi_pass unix:$A/fpm.sock;
            include /etc/nginx/fastcgi_params;
            fastcgi_param HTTP_HOST \$http_host; # Debian's file sends \$host, which has no port
            fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
            fastcgi_param DOCUMENT_ROOT $ROOT/public;
            fastcgi_buffers 16 16k; fastcgi_buffer_size 32k;
            fastcgi_read_timeout 45s;
        }
        location ~ \.php\$ { return 404; }
        location ~ /\. { return 404; }
    }
}
C
}

# leftover NAME PATTERN: killed hard, a parent leaves children that still hold port or socket.
leftover() { [ ! -s "$SV/$1/group" ] || pkill -KILL -g "$(cat "$SV/$1/group")" -f "$2" 2>/dev/null || true; }

# run NAME PATTERN: what runit starts, in front.
run() {
    leftover "$1" "$2"
    echo $$ > "$SV/$1/group"
    case $1 in
        keeper) while sleep 5; do supervised || supervise; done ;;
        postgres) exec sh bin/lib/pg.sh run ;;
        fpm)
            rm -f "$A/fpm.sock"
            export PGOPTIONS="$FOR_PAGES"
            # Scripts change only with a release, so whether one exists is asked of the cache, not of the disk.
            # Coverage off: Debian switches pcov on everywhere, and it slows every request.
            # shellcheck disable=SC2086
            exec $AS_APP "$FPM" -F -R -y "$R/fpm.conf" -d opcache.validate_timestamps=0 -d opcache.enable_file_override=1 -d pcov.enabled=0 -d opcache.memory_consumption=128 -d opcache.max_accelerated_files=20000 -d opcache.interned_strings_buffer=16 -d opcache.preload="$ROOT/bootstrap/preload.php" ;;
        nginx)
            # shellcheck disable=SC2086
            exec $AS_APP "$NGINX" -p "$A" -e "$A/nginx-error.log" -c "$R/nginx.conf" ;;
        queue)
            export PGOPTIONS="$FOR_QUEUE"
            # One worker: what is still marked as being worked on was left by one that was killed.
            # shellcheck disable=SC2086
            $AS_APP php -d pcov.enabled=0 artisan buckle:take-over --quiet || sleep 1
            # shellcheck disable=SC2086
            exec $AS_APP php -d pcov.enabled=0 -d memory_limit=512M artisan queue:work --sleep=1 --tries=3 --timeout=840 --max-time=3600 --quiet ;;
        feed)
            # A simulated recall feed, on loopback like everything else. Workers, so that a slow answer holds up nobody else's.
            export PHP_CLI_SERVER_WORKERS=3
            # shellcheck disable=SC2086
            exec $AS_APP php -d pcov.enabled=0 -S "127.0.0.1:$(cat "$R/feed.port")" "$ROOT/app/StandIns/recall-feed.php" ;;
    esac
}

services() {
    for name in $SERVICES; do
        mkdir -p "$SV/$name"
        case $name in keeper) pattern='serve.sh run keeper' ;; postgres) pattern='postgres' ;; fpm) pattern='php-fpm' ;; nginx) pattern='nginx' ;; queue) pattern='artisan' ;; feed) pattern='recall-feed' ;; esac
        # A group of its own, so that all of it can be told from everything else; no file of whoever started this stays open.
        cat > "$SV/$name/run.new" <<C
#!/bin/sh
exec chpst -P sh $ROOT/bin/lib/serve.sh run $name '$pattern' >> $R/$name.log 2>&1 < /dev/null
C
        chmod 755 "$SV/$name/run.new"
        mv "$SV/$name/run.new" "$SV/$name/run"
        printf "#!/bin/sh\nexec sh %s leftover %s '%s'\n" "$ROOT/bin/lib/serve.sh" "$name" "$pattern" > "$SV/$name/finish"
        chmod 755 "$SV/$name/finish"
    done
    # A database ends its connections at once instead of waiting for the last of them.
    mkdir -p "$SV/postgres/control"
    cat > "$SV/postgres/control/t" <<'C'
#!/bin/sh
pid=$(cat supervise/pid)
# What waits for one that was started by hand is a shell.
case $(cat "/proc/$pid/comm") in postgres) kill -INT "$pid" ;; *) kill -TERM "$pid" ;; esac
C
    chmod 755 "$SV/postgres/control/t"
}

pick_port() { # FILE WANTED
    port=$(cat "$1" 2>/dev/null || echo "$2")
    while taken "$port"; do port=$((port + 1)); done
    echo "$port" > "$1"
}

start() {
    mkdir -p "$SV"
    own
    is_up feed || pick_port "$R/feed.port" "${FEED_PORT:-8181}"
    if ! is_up nginx; then
        [ -z "${PORT:-}" ] || rm -f "$R/port"
        pick_port "$R/port" "${PORT:-8080}"
    fi
    configure "$(cat "$R/port")"
    services
    if ! supervised; then
        # An orphan that still holds a service's lock gives it up first.
        for name in $SERVICES; do [ ! -p "$SV/$name/supervise/ok" ] || sv -w 5 force-shutdown "$SV/$name" > /dev/null 2>&1 || true; done
        supervise
    fi
    for name in $SERVICES; do
        try=0
        until sv -w 10 up "$SV/$name" > /dev/null 2>&1; do try=$((try + 1)); [ $try -lt 40 ] || { tail -5 "$R/$name.log" >&2; exit 1; }; sleep 0.25; done
    done
}

stop() {
    [ ! -p "$SV/keeper/supervise/ok" ] || sv -w 5 force-shutdown "$SV/keeper" > /dev/null 2>&1 || true
    pkill -HUP -xf "runsvdir -P $SV" 2>/dev/null || true
    for name in $SERVICES; do
        [ ! -p "$SV/$name/supervise/ok" ] || sv -w 15 force-shutdown "$SV/$name" > /dev/null 2>&1 || true
    done
}

case ${1:-start} in
    start)  start ;;
    stop)   stop ;;
    reload) ! is_up fpm || sv 2 "$SV/fpm"; ! is_up nginx || sv hup "$SV/nginx"; ! is_up queue || sv term "$SV/queue" ;;
    run)    run "$2" "$3" ;;
    leftover) leftover "$2" "$3" ;;
    own)    own ;;
    url)    echo "http://127.0.0.1:$(cat "$R/port")" ;;
    feed)   mkdir -p "$R"; is_up feed || pick_port "$R/feed.port" "${FEED_PORT:-8181}"; echo "http://127.0.0.1:$(cat "$R/feed.port")" ;;
esac
