#!/bin/sh
# serve.sh start|stop|reload|url: nginx and php-fpm from the project's own files; as root or as an ordinary user.
set -eu
cd "$(dirname "$0")/../.."
ROOT=$PWD
R=$ROOT/.run
mkdir -p "$R/tmp"
FPM=$(ls /usr/sbin/php-fpm8.* | sort -V | tail -1)
NGINX=/usr/sbin/nginx
alive() { [ -s "$1" ] && kill -0 "$(cat "$1")" 2>/dev/null; }
taken() { php -r 'exit(@fsockopen("127.0.0.1", (int) $argv[1], $e, $m, 0.2) ? 0 : 1);' "$1"; }

configure() {
    if [ "$(id -u)" = 0 ]; then NUSER='user root;' PUSER=$(printf 'user = root\ngroup = root'); else NUSER='' PUSER=''; fi
    cat > "$R/fpm.conf" <<C
[global]
pid = $R/fpm.pid
error_log = $R/fpm.log
daemonize = yes
[app]
listen = $R/fpm.sock
pm = static
pm.max_children = 4
pm.max_requests = 5000
catch_workers_output = yes
clear_env = no
$PUSER
php_admin_value[memory_limit] = 512M
php_admin_value[upload_max_filesize] = 64M
php_admin_value[post_max_size] = 66M
C
    cat > "$R/nginx.conf" <<C
$NUSER
worker_processes 2;
pid $R/nginx.pid;
error_log $R/nginx-error.log warn;
events { worker_connections 256; }
http {
    include /etc/nginx/mime.types;
    default_type application/octet-stream;
    access_log off;
    sendfile on; keepalive_timeout 30s; server_tokens off;
    gzip on; gzip_min_length 512; gzip_types text/css application/javascript application/json image/svg+xml;
    client_body_temp_path $R/tmp/b; proxy_temp_path $R/tmp/p; fastcgi_temp_path $R/tmp/f; uwsgi_temp_path $R/tmp/u; scgi_temp_path $R/tmp/s;
    client_max_body_size 66m;
    server {
        listen 127.0.0.1:$1;
        root $ROOT/public;
        index index.php;
        location /build/ { add_header Cache-Control "public, max-age=31536000, immutable"; try_files \$uri =404; }
        location / { try_files \$uri /index.php?\$query_string; }
        location = /index.php {
            fastcgi_pass unix:$R/fpm.sock;
            include /etc/nginx/fastcgi_params;
            fastcgi_param HTTP_HOST \$http_host; # Debian's file sends \$host, which has no port
            fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
            fastcgi_param DOCUMENT_ROOT $ROOT/public;
            fastcgi_buffers 16 16k; fastcgi_buffer_size 32k;
        }
        location ~ \.php\$ { return 404; }
        location ~ /\. { return 404; }
    }
}
C
}

case ${1:-start} in
    start)
        alive "$R/fpm.pid" || rm -f "$R/fpm.pid" "$R/fpm.sock"
        if ! alive "$R/nginx.pid"; then
            port=${PORT:-8080}
            while taken "$port"; do port=$((port + 1)); done
            configure "$port"
            echo "$port" > "$R/port"
        fi
        if [ "$(id -u)" = 0 ]; then allow=-R; else allow=; fi
        # Scripts change only with a release, so whether one exists is asked of the cache, not of the disk.
        # Coverage off: Debian switches pcov on everywhere, and it slows every request.
        alive "$R/fpm.pid" || "$FPM" $allow -y "$R/fpm.conf" -d opcache.validate_timestamps=0 -d opcache.enable_file_override=1 -d pcov.enabled=0 -d opcache.memory_consumption=128 -d opcache.max_accelerated_files=20000 -d opcache.interned_strings_buffer=16
        alive "$R/nginx.pid" || "$NGINX" -p "$R" -e "$R/nginx-error.log" -c "$R/nginx.conf" 2>> "$R/nginx-error.log"
        ;;
    feed)
        # A simulated recall feed, on loopback like everything else. Workers, so that a slow answer holds up nobody else's.
        if ! alive "$R/feed.pid"; then
            port=${FEED_PORT:-8181}
            while taken "$port"; do port=$((port + 1)); done
            PHP_CLI_SERVER_WORKERS=3 setsid php -d pcov.enabled=0 -S "127.0.0.1:$port" "$ROOT/app/StandIns/recall-feed.php" > "$R/feed.log" 2>&1 < /dev/null &
            echo $! > "$R/feed.pid"
            echo "$port" > "$R/feed.port"
        fi
        echo "http://127.0.0.1:$(cat "$R/feed.port")"
        ;;
    stop)
        if alive "$R/feed.pid"; then
            kill -s TERM -- "-$(cat "$R/feed.pid")" 2>/dev/null || kill -TERM "$(cat "$R/feed.pid")" || true
            rm -f "$R/feed.pid"
        fi
        for p in nginx fpm; do
            if alive "$R/$p.pid"; then
                pid=$(cat "$R/$p.pid")
                kill -QUIT "$pid"
                n=0
                while kill -0 "$pid" 2>/dev/null && [ $n -lt 50 ]; do sleep 0.1; n=$((n + 1)); done
            fi
        done
        ;;
    reload) alive "$R/fpm.pid" && kill -USR2 "$(cat "$R/fpm.pid")" || true ;;
    url)    echo "http://127.0.0.1:$(cat "$R/port")" ;;
esac
