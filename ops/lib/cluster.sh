# Several machines, or namespaces that stand for them: which there are, and how something is run on one.
# shellcheck shell=bash

CLUSTER="${CLUSTER:-cluster}" # the tests have one of their own
CLUSTER_LIST="${ZUMBO_CLUSTER:-$ZUMBO_ROOT/ops/cluster.lst}"
DB_WRITE_PORT=3307
DB_READ_PORT=3308
HEALTH_PORT=9200
BRIDGE="${CLUSTER:0:4}-$FOLDER_ID"

# ALONE=yes: this is one of the machines itself, and starts what belongs to it.
ALONE="${ALONE:-no}"

# cluster_nodes KIND: names, in the order of the list. cluster_address NAME.
cluster_nodes() { awk -v kind="$1" '$1 == kind { print $2 }' "$CLUSTER_LIST"; }
cluster_address() {
  local found; found="$(awk -v name="$1" '$2 == name { print $3 }' "$CLUSTER_LIST")"
  [ -n "$found" ] || fail "$CLUSTER_LIST knows no machine '$1'"
  # Without namespaces every address is one of this machine's own.
  if [ "$ALONE" = yes ] || namespaces_allowed; then echo "$found"; else echo "127.${found#*.}"; fi
}

cluster_kind() { awk -v name="$1" '$2 == name { print $1 }' "$CLUSTER_LIST"; }

namespaces_allowed() {
  if [ -z "${NAMESPACES:-}" ]; then
    NAMESPACES=no
    # All that is needed of them: a program in one, a bridge, and a cable with one end in a namespace.
    local try="zt$FOLDER_ID"
    if [ "$(id -u)" = 0 ] && ip netns add "$try" 2>/dev/null; then
      if ip netns exec "$try" true 2>/dev/null && ip link add "$try" type bridge 2>/dev/null; then
        if ip link add "${try}v" type veth peer name eth0 netns "$try" 2>/dev/null; then NAMESPACES=yes; ip link del "${try}v"; fi
        ip link del "$try"
      fi
      ip netns del "$try"
    fi
    export NAMESPACES
  fi
  [ "$NAMESPACES" = yes ]
}
namespace() { echo "$CLUSTER-$FOLDER_ID-$1"; }
cable() { echo "${CLUSTER:0:2}-${FOLDER_ID:0:4}-$1"; }

# One bridge, and for each machine but the front a pair of cables to it.
lay_cables() {
  namespaces_allowed || return 0
  if ! ip link show "$BRIDGE" >/dev/null 2>&1; then
    ip link add "$BRIDGE" type bridge
    ip addr add "$(cluster_address front)/24" dev "$BRIDGE"
    ip link set "$BRIDGE" up
  fi
  local name
  for name in $(cluster_nodes db) $(cluster_nodes web); do
    [ ! -e "/run/netns/$(namespace "$name")" ] || continue
    ip netns add "$(namespace "$name")"
    ip link add "$(cable "$name")" type veth peer name eth0 netns "$(namespace "$name")"
    ip link set "$(cable "$name")" master "$BRIDGE" up
    ip -n "$(namespace "$name")" link set lo up
    ip -n "$(namespace "$name")" addr add "$(cluster_address "$name")/24" dev eth0
    ip -n "$(namespace "$name")" link set eth0 up
  done
}
take_cables_up() {
  local name
  for name in $(cluster_nodes db) $(cluster_nodes web); do
    [ ! -e "/run/netns/$(namespace "$name")" ] || ip netns del "$(namespace "$name")"
  done
  ! ip link show "$BRIDGE" >/dev/null 2>&1 || ip link del "$BRIDGE"
}
# pull_cable NAME up|down: as if somebody had stepped on it.
pull_cable() { ip link set "$(cable "$1")" "$2"; }

# use_machine NAME: what is started from here on belongs to that machine.
use_machine() {
  MACHINE="$1"
  MACHINE_ADDRESS="$(cluster_address "$1")"
  ON_MACHINE=()
  if [ "$ALONE" = no ] && namespaces_allowed && [ "$1" != front ]; then ON_MACHINE=(ip netns exec "$(namespace "$1")"); fi
  case "$(cluster_kind "$1")" in
    db) PROGRAMS=(db health) ;;
    web) PROGRAMS=(hints fpm nginx worker sensor) ;;
    *) PROGRAMS=(redis haproxy) ;;
  esac
  mkdir -p "$VAR/$CLUSTER-$1"
  # One secret for all of them: a session that began on one goes on on another.
  if [ ! -s "$VAR/$CLUSTER-front/secrets" ]; then mkdir -p "$VAR/$CLUSTER-front"; ( use_instance "$CLUSTER-front" ); fi
  [ "$1" = front ] || cp "$VAR/$CLUSTER-front/secrets" "$VAR/$CLUSTER-$1/secrets"
  DATABASE=zumbo
  use_instance "$CLUSTER-$1"
}
# cluster_database_url PORT [NAME]: as the app reaches the databases, through the front; or that of one machine.
cluster_database_url() {
  printf 'mysql://zumbo:%s@%s:%s/%s?serverVersion=10.11.0-MariaDB&charset=utf8mb4' "$DB_PASSWORD" "$(cluster_address "${2:-front}")" "$1" "$DATABASE"
}
