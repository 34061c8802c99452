# db-port.sh INSTANCE: before each start of MariaDB. Takes another port where the kept one is taken by a stranger.
# shellcheck shell=bash disable=SC1091
for part in base instance; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
use_instance "$1"
port_is_free "$DB_PORT" || { DB_PORT="$(reserve_port 33306)"; write_ports; say "another port: $DB_PORT"; }
