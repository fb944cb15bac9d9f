# Shared by ./start and ./test (POSIX shell): packages and PostgreSQL clusters.

say() { printf '%s\n' "$*"; }
fail() { printf 'Mild Lantern: %s\n' "$*" >&2; exit 1; }
is_root() { [ "$(id -u)" -eq 0 ]; }

# Newest server programs of Debian's postgresql packages.
pg_bin() { ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1; }

# The server refuses to run as root; as root it runs under the postgres account.
as_pg() { if is_root; then runuser -u postgres -- "$@"; else "$@"; fi; }

# need COMMAND PACKAGE ...: installs what is missing as root, else names it and stops.
need() {
  missing=
  while [ $# -gt 1 ]; do
    command -v "$1" >/dev/null 2>&1 || missing="$missing $2"
    shift 2
  done
  [ -n "$(pg_bin)" ] || missing="$missing postgresql"
  [ -n "$missing" ] || return 0
  is_root || fail "missing packages:$missing. Install them with: apt-get install$missing"
  command -v apt-get >/dev/null 2>&1 || fail "missing packages:$missing, and there is no apt-get here"
  say "Installing Debian packages:$missing"
  { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $missing; } \
    >/tmp/mild-lantern-apt.$$ 2>&1 || { tail -n 3 /tmp/mild-lantern-apt.$$ >&2; fail "could not install:$missing"; }
  rm -f /tmp/mild-lantern-apt.$$
}

# Whether anything listens on the port of the loopback address.
port_taken() {
  code=0
  curl -s -o /dev/null --max-time 2 "http://127.0.0.1:$1/" || code=$?
  [ "$code" -ne 7 ]
}

free_port() {
  try=$1
  while port_taken "$try"; do try=$((try + 1)); done
  say "$try"
}

random_word() { od -An -N24 -tx1 /dev/urandom | tr -d ' \n'; }

# pg_make DIR: a new cluster with its own password, reachable on loopback only.
pg_make() {
  dir=$1
  mkdir -p "$dir" || fail "cannot make $dir"
  (umask 077; random_word > "$dir/password")
  is_root && { chown -R postgres "$dir"; chmod 755 "$dir"; }
  as_pg "$(pg_bin)/initdb" -D "$dir/pg" -U lantern --pwfile="$dir/password" -A scram-sha-256 \
    -E UTF8 --locale=C.UTF-8 >"$dir/initdb.log" 2>&1 || fail "could not make the database in $dir; see $dir/initdb.log"
  free_port "${2:-54310}" > "$dir/port"
  printf "listen_addresses = '127.0.0.1'\nport = %s\nunix_socket_directories = '%s'\n" "$(cat "$dir/port")" "$dir" \
    | as_pg tee -a "$dir/pg/postgresql.conf" >/dev/null
  is_root && chown postgres "$dir/port"
  : > "$dir/made"
}

pg_running() { as_pg "$(pg_bin)/pg_ctl" -D "$1/pg" status >/dev/null 2>&1; }

pg_start() {
  pg_running "$1" && return 0
  as_pg "$(pg_bin)/pg_ctl" -D "$1/pg" -w -t 60 -l "$1/pg.log" start >/dev/null 2>&1 \
    || fail "the database in $1 does not start; see $1/pg.log"
}

pg_stop() { if pg_running "$1"; then as_pg "$(pg_bin)/pg_ctl" -D "$1/pg" -m fast stop >/dev/null 2>&1; fi; }

# pg_url DIR NAME: makes the database if it is new and prints its JDBC address.
pg_url() {
  PGPASSWORD=$(cat "$1/password") "$(pg_bin)/psql" -h 127.0.0.1 -p "$(cat "$1/port")" -U lantern -d postgres -qAt \
    -c "select 1 from pg_database where datname = '$2'" 2>/dev/null | grep -q 1 \
    || PGPASSWORD=$(cat "$1/password") "$(pg_bin)/createdb" -h 127.0.0.1 -p "$(cat "$1/port")" -U lantern "$2" 2>/dev/null \
    || fail "the database on port $(cat "$1/port") does not answer"
  say "jdbc:postgresql://127.0.0.1:$(cat "$1/port")/$2"
}
