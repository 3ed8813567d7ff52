# The project's own PostgreSQL: created, started and stopped by ./run. Sourced; expects lib.sh and ROOT.
# With OLDTALLOW_DB_URL set nothing here touches a server.

DB_NAME=oldtallow
DB_USER=oldtallow
# the role the application connects as: no superuser, owner of nothing, held by row security, which keeps workshops apart
APP_USER=oldtallow_app
PASSWORD_FILE=$ROOT/.data/database-password

as_postgres() { if is_root; then runuser -u postgres -- "$@"; else "$@"; fi; }

# The server refuses root, and its user cannot reach a folder under /root: then the data lies under /var/lib.
data_folder() {
    local inside=$ROOT/.data/postgres
    if is_root && ! runuser -u postgres -- test -x "$ROOT/.data"; then
        printf '/var/lib/oldtallow/%s' "$(printf '%s' "$ROOT" | sha256sum | cut -c1-12)"
    else
        printf '%s' "$inside"
    fi
}

server_runs() { [ -e "$PGDATA_DIR/postmaster.pid" ] && as_postgres "$PGBIN/pg_ctl" -D "$PGDATA_DIR" status > /dev/null 2>&1; }

# Killed, not stopped: it left its process id behind, or nothing at all.
database_is_gone() {
    local id
    id=$(head -n 1 "$PGDATA_DIR/postmaster.pid" 2> /dev/null) || return 0
    ! kill -0 "$id" 2> /dev/null
}

# start_server PORT
start_server() {
    (cd / && as_postgres "$PGBIN/pg_ctl" -D "$PGDATA_DIR" -w -l "$PGDATA_DIR.log" \
        -o "-p $1 -c listen_addresses=127.0.0.1 -c unix_socket_directories=" start 9>&-) > /dev/null 2>&1
}

start_database() {
    if [ -n "${OLDTALLOW_DB_URL:-}" ]; then
        say "Using the PostgreSQL server of OLDTALLOW_DB_URL."
        return
    fi
    PGDATA_DIR=$(data_folder)
    [ -e "$PGDATA_DIR/PG_VERSION" ] || create_cluster
    if server_runs; then # left over from a run that was killed
        as_postgres "$PGBIN/pg_ctl" -D "$PGDATA_DIR" -m fast -w stop > /dev/null
    fi
    local port try
    for try in 1 2 3 4 5; do
        port=$((20000 + RANDOM % 12000))
        start_server "$port" && break
        [ "$try" -lt 5 ] || { tail -n 20 "$PGDATA_DIR.log" >&2; die "PostgreSQL does not start; its log is $PGDATA_DIR.log."; }
    done
    DB_PORT=$port
    export OLDTALLOW_DB_URL=jdbc:postgresql://127.0.0.1:$port/$DB_NAME
    export OLDTALLOW_DB_USER=$DB_USER
    OLDTALLOW_DB_PASSWORD=$(cat "$PASSWORD_FILE")
    export OLDTALLOW_DB_PASSWORD
    export OLDTALLOW_DB_APP_USER=$APP_USER
    OLDTALLOW_DB_APP_PASSWORD=$(head -c 24 /dev/urandom | base64 | tr '+/' '-_') # a new one for every run
    export OLDTALLOW_DB_APP_PASSWORD
    as_owner() { PGPASSWORD=$OLDTALLOW_DB_PASSWORD "$PGBIN/psql" -h 127.0.0.1 -p "$DB_PORT" -U "$DB_USER" -d postgres -qtA "$@"; }
    as_owner -c "select 1 from pg_database where datname = '$DB_NAME'" | grep -q 1 \
        || as_owner -c "create database $DB_NAME"
    as_owner -c "select 1 from pg_roles where rolname = '$APP_USER'" | grep -q 1 \
        || as_owner -c "create role $APP_USER login"
    [ "$(as_owner -c 'show data_checksums')" = on ] || say "Your database keeps no checksums of its pages, so a failing disk
would go unnoticed. With Old Tallow stopped, turn them on:  $(is_root && printf 'runuser -u postgres -- ')$PGBIN/pg_checksums --enable -D $PGDATA_DIR"
    # through standard input: an argument could be read by others on this machine
    as_owner <<< "alter role $APP_USER password '$OLDTALLOW_DB_APP_PASSWORD'"
}

create_cluster() {
    local folder=$PGDATA_DIR password_copy
    [ "$folder" = "$ROOT/.data/postgres" ] \
        || say "The postgres user cannot reach this folder; the data goes to $folder."
    mkdir -p "$folder"
    (umask 077 && head -c 24 /dev/urandom | base64 | tr '+/' '-_' > "$PASSWORD_FILE")
    password_copy=$(mktemp)
    cp "$PASSWORD_FILE" "$password_copy"
    if is_root; then
        chown postgres "$folder" "$password_copy"
        touch "$folder.log" && chown postgres "$folder.log"
    fi
    chmod 700 "$folder"
    (cd / && as_postgres "$PGBIN/initdb" -D "$folder" -U "$DB_USER" -A scram-sha-256 --pwfile="$password_copy" \
        -E UTF8 --locale=C.UTF-8 --data-checksums 9>&-) > /dev/null
    rm -f "$password_copy"
}

stop_database() {
    [ -n "${PGDATA_DIR:-}" ] || return 0
    server_runs && as_postgres "$PGBIN/pg_ctl" -D "$PGDATA_DIR" -m fast -w stop > /dev/null || true
}

reset_database() {
    [ -z "${OLDTALLOW_DB_URL:-}" ] || die "--reset only deletes data of our own; OLDTALLOW_DB_URL names another server."
    PGDATA_DIR=$(data_folder)
    [ -e "$PGDATA_DIR" ] || return 0
    if ! $YES; then
        local answer=''
        read -r -p "Delete all data in $PGDATA_DIR? Type yes: " answer || true
        [ "$answer" = yes ] || die "Nothing was deleted."
    fi
    stop_database
    rm -rf "$PGDATA_DIR" "$PGDATA_DIR.log" "$PASSWORD_FILE"
    say "The data is deleted."
}
