#!/bin/sh
# pg.sh start|stop|status|run|grant|env|psql|tidy: the project's own PostgreSQL cluster below .pg, on loopback, never touching another one.
set -eu
cd "$(dirname "$0")/../.."
DIR=$PWD/.pg
DATA=$DIR/data
BIN=$(ls -d /usr/lib/postgresql/*/bin | sort -V | tail -1)
# What the application signs in as: it owns nothing.
APP=mintbuckle_app
# initdb and postgres refuse uid 0: root becomes `postgres`, or, where `postgres` cannot enter (/root/...), a mapped user.
# Test "$PWD", not ".": the latter does not check the parents.
if [ "$(id -u)" != 0 ]; then AS_PG=
elif setpriv --reuid=postgres --regid=postgres --init-groups test -x "$PWD" 2>/dev/null; then AS_PG='setpriv --reuid=postgres --regid=postgres --init-groups'
else AS_PG='unshare --user --map-user=1000 --map-group=1000'; fi
free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];'; }
up() { [ -s "$DIR/port" ] && [ -e "$DATA/postmaster.pid" ] && "$BIN/pg_isready" -q -h 127.0.0.1 -p "$(cat "$DIR/port")"; }
psql_() { PGHOST=127.0.0.1 PGPORT=$(cat "$DIR/port") PGUSER=mintbuckle PGPASSWORD=$(cat "$DIR/pw") "$BIN/psql" -X -v ON_ERROR_STOP=1 "$@"; }
secret() { [ -s "$1" ] || (umask 077 && php -r 'echo bin2hex(random_bytes(16));' > "$1"); }
# Killed, but never reaped by its parent.
forget_the_dead() {
    pid=$(head -1 "$DATA/postmaster.pid" 2>/dev/null || true)
    [ -z "$pid" ] || ! grep -q '^State:.Z' "/proc/$pid/status" 2>/dev/null || rm -f "$DATA/postmaster.pid"
}

start() {
    if [ ! -e "$DIR/ready" ]; then # first run, or a first run that was cut off
        rm -rf "$DIR"
        mkdir -m 700 "$DIR"
        secret "$DIR/pw"
        $AS_PG test -w "$DIR" || chown -R postgres:postgres "$DIR"
        $AS_PG "$BIN/initdb" -D "$DATA" -U mintbuckle --pwfile="$DIR/pw" -A scram-sha-256 -E UTF8 --locale=C.UTF-8 --data-checksums > "$DIR/initdb.log" 2>&1 || { cat "$DIR/initdb.log" >&2; exit 1; }
        touch "$DIR/ready"
    fi
    secret "$DIR/app.pw"
    if ! up; then
        forget_the_dead
        # A cluster of before data checksums were on gets them while it stands still.
        if [ ! -e "$DATA/postmaster.pid" ] && $AS_PG "$BIN/pg_controldata" -D "$DATA" | grep -q 'page checksum version: *0$'; then
            $AS_PG "$BIN/pg_checksums" --enable -D "$DATA" > "$DIR/checksums.log" 2>&1 || tail -2 "$DIR/checksums.log" >&2
        fi
        try=0
        # The old port first, then any free one. No socket directory: no path limit, no rights needed below /run.
        until up || { port=$(free_port); [ $try -gt 0 ] || [ ! -s "$DIR/port" ] || port=$(cat "$DIR/port")
              $AS_PG "$BIN/pg_ctl" -D "$DATA" -l "$DIR/log" -w -t 60 -s -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories=" start < /dev/null > /dev/null 2>&1 9>&-
              }
        do try=$((try + 1)); [ $try -lt 5 ] || { tail -5 "$DIR/log" >&2; exit 1; }; done
        up || echo "$port" > "$DIR/port"
    fi
    psql_ -d postgres -Atc "select 1 from pg_database where datname = 'mintbuckle'" | grep -q 1 || psql_ -d postgres -qc 'create database mintbuckle'
    psql_ -d postgres -q -v pw="$(cat "$DIR/app.pw")" <<SQL
select 'create role $APP login' where not exists (select from pg_roles where rolname = '$APP') \gexec
alter role $APP password :'pw' nosuperuser nocreatedb nocreaterole;
SQL
}

# run: stays in front, for a supervisor. One that was started by hand goes on; when it ends, this one takes over.
run() {
    while up; do sleep 1; done
    forget_the_dead
    # shellcheck disable=SC2086
    exec $AS_PG "$BIN/postgres" -D "$DATA" -p "$(cat "$DIR/port")" -c listen_addresses=127.0.0.1 -c unix_socket_directories= >> "$DIR/log" 2>&1
}

# grant DATABASE: what the application may do there. What was seen of a child is written once: facts are added and read, nothing else.
grant() {
    psql_ -d "$1" -q <<SQL
grant usage on schema public to $APP;
grant select, insert, update, delete on all tables in schema public to $APP;
grant usage, select, update on all sequences in schema public to $APP;
revoke update, delete, truncate on facts, visit_moves, kit_moves, handed_on_figures from $APP;
revoke insert, update, delete, truncate on migrations from $APP;
revoke create on schema public from public;
SQL
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
    stop)   ! up || $AS_PG "$BIN/pg_ctl" -D "$DATA" -m fast -w -s stop ;;
    status) up && echo "running on port $(cat "$DIR/port")" || { echo stopped; exit 3; } ;;
    run)    run ;;
    grant)  grant "${2:-mintbuckle}" ;;
    env)    printf 'DB_PORT=%s\nDB_USERNAME=%s\nDB_PASSWORD=%s\nDB_OWNER_PASSWORD=%s\n' "$(cat "$DIR/port")" "$APP" "$(cat "$DIR/app.pw")" "$(cat "$DIR/pw")" ;;
    tidy)   tidy "${2:-0}" ;;
    psql)   shift; psql_ -d mintbuckle "$@" ;;
esac
