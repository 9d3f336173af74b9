#!/bin/sh
# pg.sh start|stop|status|env|psql|tidy: the project's own PostgreSQL cluster below .pg, on loopback, never touching another one.
set -eu
cd "$(dirname "$0")/../.."
DIR=$PWD/.pg
DATA=$DIR/data
BIN=$(ls -d /usr/lib/postgresql/*/bin | sort -V | tail -1)
# initdb and postgres refuse uid 0: root becomes `postgres`, or, where `postgres` cannot enter (/root/...), a mapped user.
# Test "$PWD", not ".": the latter does not check the parents.
if [ "$(id -u)" != 0 ]; then as_pg() { "$@"; }
elif setpriv --reuid=postgres --regid=postgres --init-groups test -x "$PWD" 2>/dev/null; then as_pg() { setpriv --reuid=postgres --regid=postgres --init-groups "$@"; }
else as_pg() { unshare --user --map-user=1000 --map-group=1000 "$@"; }; fi
free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];'; }
up() { [ -s "$DIR/port" ] && [ -e "$DATA/postmaster.pid" ] && "$BIN/pg_isready" -q -h 127.0.0.1 -p "$(cat "$DIR/port")"; }
psql_() { PGHOST=127.0.0.1 PGPORT=$(cat "$DIR/port") PGUSER=mintbuckle PGPASSWORD=$(cat "$DIR/pw") "$BIN/psql" -X -v ON_ERROR_STOP=1 "$@"; }

start() {
    if [ ! -e "$DIR/ready" ]; then # first run, or a first run that was cut off
        rm -rf "$DIR"
        mkdir -m 700 "$DIR"
        php -r 'echo bin2hex(random_bytes(16));' > "$DIR/pw"
        chmod 600 "$DIR/pw"
        as_pg test -w "$DIR" || chown -R postgres:postgres "$DIR"
        as_pg "$BIN/initdb" -D "$DATA" -U mintbuckle --pwfile="$DIR/pw" -A scram-sha-256 -E UTF8 --locale=C.UTF-8 > "$DIR/initdb.log" 2>&1 || { cat "$DIR/initdb.log" >&2; exit 1; }
        touch "$DIR/ready"
    fi
    if ! up; then
        pid=$(head -1 "$DATA/postmaster.pid" 2>/dev/null || true) # killed, but never reaped by its parent
        [ -z "$pid" ] || ! grep -q '^State:.Z' "/proc/$pid/status" 2>/dev/null || rm -f "$DATA/postmaster.pid"
        try=0
        # The old port first, then any free one. No socket directory: no path limit, no rights needed below /run.
        until port=$(free_port); [ $try -gt 0 ] || [ ! -s "$DIR/port" ] || port=$(cat "$DIR/port")
              as_pg "$BIN/pg_ctl" -D "$DATA" -l "$DIR/log" -w -t 60 -s -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories=" start < /dev/null > /dev/null 2>&1 9>&-
        do try=$((try + 1)); [ $try -lt 5 ] || { tail -5 "$DIR/log" >&2; exit 1; }; done
        echo "$port" > "$DIR/port"
    fi
    psql_ -d postgres -Atc "select 1 from pg_database where datname = 'mintbuckle'" | grep -q 1 || psql_ -d postgres -qc 'create database mintbuckle'
}

# tidy NUMBER: drops the databases of the test runs that are over, and of that one: mintbuckle_<process number>_<what for>
tidy() {
    psql_ -d postgres -Atc "select datname from pg_database where datname ~ '^mintbuckle_[0-9]+_'" | while IFS= read -r db; do
        run=${db#mintbuckle_}
        { [ "${run%%_*}" != "$1" ] && kill -0 "${run%%_*}" 2>/dev/null; } || psql_ -d postgres -qc "drop database if exists $db with (force)" < /dev/null
    done
}

case ${1:-start} in
    start)  start ;;
    stop)   ! up || as_pg "$BIN/pg_ctl" -D "$DATA" -m fast -w -s stop ;;
    status) up && echo "running on port $(cat "$DIR/port")" || { echo stopped; exit 3; } ;;
    env)    printf 'DB_PORT=%s\nDB_PASSWORD=%s\n' "$(cat "$DIR/port")" "$(cat "$DIR/pw")" ;;
    tidy)   tidy "${2:-0}" ;;
    psql)   shift; psql_ -d mintbuckle "$@" ;;
esac
