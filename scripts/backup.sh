# Backups of a workshop's database, made while people work, and brought back. Sourced; expects lib.sh, database.sh and ROOT.

BACKUPS=${OLDTALLOW_BACKUPS:-$ROOT/.data/backups}
BACKUP_DAYS=${OLDTALLOW_BACKUP_DAYS:-14}

# pg TOOL ARGUMENT… : one of PostgreSQL's tools, as the owner of the tables; of this folder's server, or of OLDTALLOW_DB_URL
pg() {
    local tool=$1 host port name rest
    shift
    rest=${OLDTALLOW_DB_URL#jdbc:postgresql://}
    host=${rest%%[:/]*} name=${rest##*/}
    name=${name%%\?*}
    port=$(sed -n 's#^[^/]*:\([0-9]*\)/.*#\1#p' <<< "$rest")
    PGPASSWORD=$OLDTALLOW_DB_PASSWORD "$PGBIN/$tool" -h "$host" -p "${port:-5432}" -U "$OLDTALLOW_DB_USER" -d "$name" "$@"
}

# use_running_database : the server that ./run has under way here; false where there is none
use_running_database() {
    [ -z "${OLDTALLOW_DB_URL:-}" ] || return 0
    PGDATA_DIR=$(data_folder)
    [ -e "$PGDATA_DIR/PG_VERSION" ] && server_runs || return 1
    export OLDTALLOW_DB_URL=jdbc:postgresql://127.0.0.1:$(as_postgres sed -n 4p "$PGDATA_DIR/postmaster.pid")/$DB_NAME
    export OLDTALLOW_DB_USER=$DB_USER
    OLDTALLOW_DB_PASSWORD=$(cat "$PASSWORD_FILE")
    export OLDTALLOW_DB_PASSWORD
}

# write_backup FILE : whole or not at all; one moment of all tables, whatever is written meanwhile
write_backup() {
    local part
    part=$(dirname -- "$1")/.$(basename -- "$1").part
    (umask 077 && pg pg_dump --format=custom --compress=6 --file="$part") \
        && "$PGBIN/pg_restore" --list "$part" > /dev/null \
        && mv -f -- "$part" "$1" \
        || { rm -f -- "$part"; return 1; }
}

# another_workshop ADDRESS : a word for whoever is to own it, good for a week; the tables must be there
another_workshop() {
    local word
    word=$(head -c 400 /dev/urandom | LC_ALL=C tr -dc 'abcdefghjkmnpqrstuvwxyz23456789' | head -c 12 | sed 's/..../&-/g; s/-$//')
    pg psql -qtA -v ON_ERROR_STOP=1 -c "select open_another_workshop('$(printf %s "$word" | sha256sum | cut -d' ' -f1)', now() + interval '7 days')" \
        > /dev/null || die "There are no tables yet: start Old Tallow once, then run this again."
    say "Its owner opens it at ${1:-the address of this one}/open-workshop with the word  $word  within a week, once."
}

# backup FILE
backup() {
    [ -n "${1:-}" ] || die "backup wants a file: ./run backup FILE"
    [ -d "$(dirname -- "$1")" ] || die "There is no folder $(dirname -- "$1"); make it first."
    [ ! -e "$1" ] || die "$1 is there already; name another, or take it away first."
    need_postgres
    local started=false
    if ! use_running_database; then
        lock_folder
        start_database
        started=true
    fi
    write_backup "$1" || die "The backup was not written; nothing was changed."
    ! $started || stop_database
    say "$(du -h -- "$1" | cut -f1) in $1. It holds everything, hashes of passwords too: keep it where only you can read it."
}

# restore FILE [--replace]
restore() {
    local file=${1:-} replace=${2:-} tables
    if [ "$file" = --replace ]; then file=$replace replace=--replace; fi
    [ -f "$file" ] || die "restore wants a file that ./run backup wrote: ./run restore FILE"
    need_postgres
    "$PGBIN/pg_restore" --list "$file" > /dev/null 2>&1 || die "$file is no backup, or a damaged one. Nothing was changed."
    lock_folder
    start_database
    tables=$(pg psql -qtAc "select count(*) from pg_tables where schemaname = 'public'")
    if [ "$tables" -gt 0 ]; then
        if [ "$replace" != --replace ]; then
            stop_database
            die "There is a workshop here already. To put the backup in its place:  ./run restore '$file' --replace"
        fi
        # a server of somebody else's: its owner may not make databases there
        declare -F as_owner > /dev/null || die "On a server of your own make the database empty first, then restore into it."
        # what is replaced is kept: the wrong file may have been named
        mkdir -p "$BACKUPS"
        local before
        before=$BACKUPS/before-restore-$(date +%Y%m%d-%H%M%S).dump
        write_backup "$before" || die "What is here could not be kept first, so nothing was changed."
        say "What was here is kept in $before."
        as_owner -c "drop database $DB_NAME with (force)" -c "create database $DB_NAME"
    fi
    pg pg_restore --exit-on-error --single-transaction "$file" || { stop_database; die "The backup could not be brought back whole, so none of it was."; }
    pg psql -qc 'analyze' > /dev/null
    stop_database
    say "Brought back. Start with ./run: it brings an older backup up to this version."
}

# whether there is anything to keep: at a first start there are no tables yet
holds_a_workshop() {
    [ "$(pg psql -qtAc "select to_regclass('public.workshop') is not null" 2> /dev/null)" = t ] \
        && [ "$(pg psql -qtAc 'select exists (select from workshop)' 2> /dev/null)" = t ]
}

# keep_backups : one a day, of the last so many days; what fails is said and tried again in an hour
keep_backups() {
    trap - EXIT INT TERM
    mkdir -p "$BACKUPS"
    until holds_a_workshop; do sleep 60 & wait $!; done
    while true; do
        if [ -z "$(find "$BACKUPS" -name 'daily-*.dump' -mmin -1380 -print -quit)" ]; then
            if write_backup "$BACKUPS/daily-$(date +%Y%m%d-%H%M).dump"; then
                find "$BACKUPS" -name 'daily-*.dump' -mtime +"$BACKUP_DAYS" -delete
            else
                say "The daily backup was not written; it is tried again in an hour. Is the disk full?"
            fi
        fi
        sleep 3600 & wait $!
    done
}
