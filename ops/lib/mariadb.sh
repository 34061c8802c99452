# This folder's own MariaDB: own data directory, own socket, 127.0.0.1 only.
# shellcheck shell=bash

start_database() {
  if ours "$SOCKETS/db.pid" "$SOCKETS" >/dev/null; then return 0; fi
  local user; user="$(service_user mysql)"
  # The packaged install script breaks on a space in a path, so the folder is reached by a link in the short place.
  ln -sfn "$STATE/db" "$SOCKETS/data"
  [ -d "$STATE/db/mysql" ] || create_data_directory "$user"
  { [ -n "$DB_PORT" ] && port_is_free "$DB_PORT"; } || { DB_PORT="$(first_free_port 33306)"; write_ports; }
  chown "$user" "$SOCKETS"
  setsid mariadbd --no-defaults --user="$user" --datadir="$SOCKETS/data" --socket="$SOCKETS/db.sock" --pid-file="$SOCKETS/db.pid" \
    --port="$DB_PORT" --bind-address=127.0.0.1 --skip-name-resolve --character-set-server=utf8mb4 \
    --collation-server=utf8mb4_uca1400_ai_ci --innodb-buffer-pool-size=128M --innodb-flush-log-at-trx-commit=1 \
    --log-error="$STATE/db.log" --max-connections=80 </dev/null >/dev/null 2>&1 9>&- &
  wait_until 40 "MariaDB to answer (its log is $STATE/db.log)" mariadb-admin --no-defaults --socket="$SOCKETS/db.sock" ping \
    || { tail -5 "$STATE/db.log" >&2; exit 1; }
}

create_data_directory() {
  step "creating the database folder"
  mkdir -p "$STATE/db"; chmod 0700 "$STATE/db"; chown "$1" "$STATE/db"
  touch "$STATE/db.log"; chown "$1" "$STATE/db.log"
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

stop_database() { end_process "$SOCKETS/db.pid" "$SOCKETS" MariaDB TERM; }
