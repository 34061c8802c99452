# This folder's own MariaDB: own data directory, own socket, 127.0.0.1 only.
# shellcheck shell=bash

start_database() {
  start_supervisor
  if program_runs db && database_answers; then return 0; fi
  local user; user="$(service_user mysql)"
  # The packaged install script breaks on a space in a path, so the folder is reached by a link in the short place.
  ln -sfn "$STATE/db" "$SOCKETS/data"
  [ -d "$STATE/db/mysql" ] || create_data_directory "$user"
  [ -n "$DB_PORT" ] || { DB_PORT="$(reserve_port 33306)"; write_ports; }
  chown "$user" "$SOCKETS"
  declare_program db "$SOCKETS/data" yes "$SOCKETS/db.sock" mariadbd --no-defaults --user="$user" \
    --datadir="$SOCKETS/data" --socket="$SOCKETS/db.sock" --pid-file="$SOCKETS/db.pid" \
    --bind-address=127.0.0.1 --skip-name-resolve --character-set-server=utf8mb4 \
    --collation-server=utf8mb4_uca1400_ai_ci --innodb-buffer-pool-size=128M --innodb-flush-log-at-trx-commit=1 \
    --max-connections=80
  # The app goes through the socket; the port is for people's own tools, so another one will do when this one is taken.
  # shellcheck disable=SC2016
  printf 'before() { bash %q %q; . %q; COMMAND+=("--port=$DB_PORT"); }\n' "$ZUMBO_ROOT/ops/supervised/db-port.sh" "$INSTANCE" "$STATE/ports" \
    >> "$(service db)/program.new"
  publish_program db
  run_program db
  wait_until 40 "MariaDB to answer (its log is $STATE/log/db/current)" database_answers \
    || { tail -n 5 "$STATE/log/db/current" >&2; exit 1; }
}
database_answers() { mariadb-admin --no-defaults --socket="$SOCKETS/db.sock" ping >/dev/null 2>&1; }

create_data_directory() {
  step "creating the database folder"
  mkdir -p "$STATE/db"; chmod 0700 "$STATE/db"; chown "$1" "$STATE/db"
  # Its root account answers only to the user who started it, over the socket: no password to leak, none over TCP.
  run_logged mariadb-install mariadb-install-db --no-defaults --user="$1" --datadir="$SOCKETS/data" \
    --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db
}

database_sql() { mariadb --no-defaults --socket="$SOCKETS/db.sock" --user="$(id -un)" "$@"; }

# ensure_schema NAME: the schema and the app's account exist; says 'new' when the schema was made just now.
ensure_schema() {
  local made=old
  [ "$(database_sql -Ne "SELECT COUNT(*) FROM information_schema.schemata WHERE schema_name='$1'")" = 1 ] || made=new
  database_sql <<SQL
CREATE DATABASE IF NOT EXISTS \`$1\` CHARACTER SET utf8mb4 COLLATE utf8mb4_uca1400_ai_ci;
CREATE USER IF NOT EXISTS zumbo@localhost IDENTIFIED BY '$DB_PASSWORD';
CREATE USER IF NOT EXISTS zumbo@127.0.0.1 IDENTIFIED BY '$DB_PASSWORD';
GRANT ALL ON \`zumbo%\`.* TO zumbo@localhost;
GRANT ALL ON \`zumbo%\`.* TO zumbo@127.0.0.1;
SQL
  echo "$made"
}

# renew_schema NAME: the schema is there and empty.
renew_schema() {
  database_sql <<<"DROP DATABASE IF EXISTS \`$1\`"
  ensure_schema "$1" >/dev/null
}

stop_database() { stop_programs 60 db; }
