# Backup and restore of a database (POSIX shell), used by ./start. PGHOST, PGPORT, PGUSER and PGPASSWORD say where it is.

# backup NAME FILE: everything, photos too, into one file; the old file stays until the new one was read back whole.
backup() {
  part=$2.part
  trap 'rm -f "$part"' EXIT
  trap 'exit 1' HUP INT TERM
  (umask 077; : > "$part") || fail "cannot write $2"
  "$(pg_bin)/pg_dump" -Fc -f "$part" "$1" 2>"$part.log" || { tail -n 2 "$part.log" >&2; rm -f "$part.log"; fail "the backup failed; $2 is as it was"; }
  rm -f "$part.log"
  "$(pg_bin)/pg_restore" -f /dev/null "$part" 2>/dev/null || fail "the backup cannot be read back; $2 is as it was"
  mv "$part" "$2" || fail "cannot write $2"
  trap - EXIT HUP INT TERM
  say "Backed up into $2 ($(($(wc -c < "$2") / 1024)) kB), and read back whole"
}

sql() { "$(pg_bin)/psql" -X -q -A -t -v ON_ERROR_STOP=1 -d "$1" -c "$2"; }

# The newest change of the schema that this program knows, and that a database has.
known_schema() { ls app/src/main/resources/db/migration | sed 's/^V\([0-9]*\)__.*/\1/' | sort -n | tail -n 1; }
schema_of() { sql "$1" "select max(version::int) from flyway_schema_history where success" 2>/dev/null; }

# restore NAME FILE: into a database beside it, which takes its name when it is whole; what was there is kept under another.
restore() {
  [ -r "$2" ] || fail "cannot read $2"
  "$(pg_bin)/pg_restore" -l "$2" >/dev/null 2>&1 || fail "$2 is no backup of Mild Lantern"
  fresh=${1}_restoring
  "$(pg_bin)/dropdb" --if-exists "$fresh" 2>/dev/null || fail "the database does not answer"
  "$(pg_bin)/createdb" "$fresh" 2>/dev/null || fail "the database does not answer"
  trap '"$(pg_bin)/dropdb" --if-exists "$fresh" 2>/dev/null' EXIT
  trap 'exit 1' HUP INT TERM
  "$(pg_bin)/pg_restore" --no-owner --exit-on-error -d "$fresh" "$2" 2>/dev/null || fail "$2 cannot be read whole; nothing was changed"
  has=$(schema_of "$fresh")
  [ -n "$has" ] || fail "$2 is no backup of Mild Lantern; nothing was changed"
  [ "$has" -le "$(known_schema)" ] || fail "$2 was made by a newer Mild Lantern (schema $has, this one knows $(known_schema)); nothing was changed. Update the program first"
  before=${1}_before_$(date +%Y%m%d_%H%M%S)
  if [ -n "$(sql postgres "select 1 from pg_database where datname = '$1'")" ]; then
    sql postgres "select pg_terminate_backend(pid) from pg_stat_activity where datname = '$1'" >/dev/null
    sql postgres "alter database \"$1\" rename to \"$before\"" || fail "something still uses the database; nothing was changed"
    say "What was there is kept as database $before"
  fi
  sql postgres "alter database \"$fresh\" rename to \"$1\"" || fail "could not take the restored database; what was there is $before"
  trap - EXIT HUP INT TERM
  [ "$has" -eq "$(known_schema)" ] || say "It is of an older Mild Lantern (schema $has); the next start brings it up to date"
  say "Restored from $2"
}
