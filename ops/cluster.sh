# ./zumbo start|stop|status --cluster [--port N]: three databases, two web machines and the front, on this machine; or of real hosts the
# one that this is: --machine NAME [--found]. ./zumbo backup|restore --cluster FILE [--yes]: of a database that is in step.
# shellcheck shell=bash disable=SC1091,SC2046,SC2016,SC2086,SC2207
for part in base packages build instance mariadb web supervise left_over tls backup demo cluster galera; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
verb="$1"; shift
port=''
machine=''
found=no
yes=no
file=''
while [ $# -gt 0 ]; do
  case "$1" in
    --cluster) shift ;;
    --port) port="${2:-}"; shift 2 || true ;;
    --port=*) port="${1#*=}"; shift ;;
    --machine) machine="${2:-}"; shift 2 || true ;;
    --machine=*) machine="${1#*=}"; shift ;;
    --found) found=yes; shift ;;
    --yes) yes=yes; shift ;;
    [!-]*) case "$verb" in backup|restore) file="$(realpath -m "$1")"; shift ;; *) usage_error "$verb --cluster: '$1' is unknown" ;; esac ;;
    *) usage_error "$verb --cluster: '$1' is unknown; accepted: --port N, --machine NAME, --found" ;;
  esac
done
if [ -n "$machine" ]; then
  ALONE=yes
  [ -n "$(cluster_kind "$machine")" ] || usage_error "$verb --cluster: --machine '$machine': one of $(awk '/^[a-z]/ { print $2 }' "$CLUSTER_LIST" | paste -sd' ')"
  [ "$found" = no ] || [ "$(cluster_kind "$machine")" = db ] || usage_error "$verb --cluster: --found: only a database founds a cluster"
fi
REDIS_PORT=6390
make_run_place

# The port of the front, which is that of every web machine as well.
front_port() {
  ( use_machine front
    if [ -n "$port" ] && [ "$port" != "$WEB_PORT" ]; then port_is_free "$port" || fail "port $port is taken by another program"; WEB_PORT="$port"; fi
    [ -n "$WEB_PORT" ] || WEB_PORT="$(reserve_port "$FIRST_WEB_PORT")"
    write_ports
    echo "$WEB_PORT" )
}

start_front() {
  ( use_machine front
    start_supervisor
    WEB_PORT="$(front_port)"
    local DB_SERVERS='' WEB_SERVERS='' FRONT_ADDRESS="$MACHINE_ADDRESS" name text
    for name in $(cluster_nodes db); do DB_SERVERS+="    server $name $(cluster_address "$name"):3306"$'\n'; done
    for name in $(cluster_nodes web); do WEB_SERVERS+="    server $name $(cluster_address "$name"):$WEB_PORT"$'\n'; done
    text="$(cat ops/templates/haproxy.cfg)"
    for name in SOCKETS FRONT_ADDRESS DB_WRITE_PORT DB_READ_PORT HEALTH_PORT WEB_PORT DB_SERVERS WEB_SERVERS; do text="${text//"@$name@"/"${!name}"}"; done
    printf '%s\n' "$text" > "$SOCKETS/haproxy.cfg.new"
    haproxy -c -q -f "$SOCKETS/haproxy.cfg.new"
    if cmp -s "$SOCKETS/haproxy.cfg.new" "$SOCKETS/haproxy.cfg" && program_runs haproxy && program_runs redis; then exit 0; fi
    mv "$SOCKETS/haproxy.cfg.new" "$SOCKETS/haproxy.cfg"
    stop_programs 2 haproxy redis
    declare_program haproxy "$SOCKETS/haproxy.cfg" no "$SOCKETS/haproxy.sock" haproxy -db -f "$SOCKETS/haproxy.cfg"
    publish_program haproxy
    # Hints are worth nothing a minute later: nothing of them is kept.
    declare_program redis "$CLUSTER-redis-$FOLDER_ID" no '' redis-server --bind "$MACHINE_ADDRESS" --port "$REDIS_PORT" --protected-mode no --save '' --appendonly no \
      --maxmemory 64mb --maxmemory-policy allkeys-lru --proc-title-template "redis-server $CLUSTER-redis-$FOLDER_ID"
    publish_program redis
    run_program redis
    run_program haproxy )
}

# point_at_front: the app of the machine in use reaches the databases through the front.
point_at_front() {
  DATABASE_URL="$(cluster_database_url "$DB_WRITE_PORT")"; export DATABASE_URL
  ZUMBO_READ_URL="$(cluster_database_url "$DB_READ_PORT")"; export ZUMBO_READ_URL
  wait_until 20 "the front to find a database" console dbal:run-sql -q 'SELECT 1'
}

start_web_machine() {
  WEB_LISTEN="$MACHINE_ADDRESS"; WEB_PORT="$1"; write_ports
  FRONT_ADDRESS="$(cluster_address front)"
  start_supervisor
  start_web ''
}

# Of the first database, once: replicated to the others.
prepare_database() {
  ensure_schema zumbo >/dev/null
  database_sql <<SQL
CREATE USER IF NOT EXISTS health@localhost IDENTIFIED BY '$DB_PASSWORD';
CREATE USER IF NOT EXISTS zumbo@'%' IDENTIFIED BY '$DB_PASSWORD';
GRANT ALL ON \`zumbo%\`.* TO zumbo@'%';
SQL
}

prepare_schema() {
  step "bringing the database schema up to date"
  console doctrine:migrations:migrate -n -q --allow-no-migration
}

start_all() {
  local name web_port
  lay_cables
  galera_certificate
  step "starting $(cluster_nodes db | wc -l) databases, $(cluster_nodes web | wc -l) web machines and the front$(namespaces_allowed || echo ', without namespaces')"
  start_databases
  start_front
  web_port="$(front_port)"
  ( use_machine "$(cluster_nodes db | head -1)"
    prepare_database
    point_at_front
    prepare_schema
    load_demo_where_wanted yes '' )
  for name in $(cluster_nodes web); do ( use_machine "$name"; point_at_front; start_web_machine "$web_port" ); done
  say "Zumbo runs on a cluster at http://127.0.0.1:$web_port"
}

# What all machines share is made on the front, and carried to the others by whoever runs them.
need_shared() {
  local one
  for one in secrets ports tls/node.pem tls/node.key; do
    [ -s "$VAR/$CLUSTER-front/$one" ] || fail "var/$CLUSTER-front/$one is not here: start the front first, and copy its secrets, ports and tls/ to the same place on this machine"
  done
}

start_this() {
  local together=no
  case "$(cluster_kind "$machine")" in
    front) ( use_machine front ); galera_certificate; start_front ;;
    db)
      need_shared
      use_machine "$machine"
      if ! another_database_answers; then
        together=yes
        # In step with nobody left: it ended last.
        if grep -qs '^safe_to_bootstrap: 1' "$STATE/db/grastate.dat"; then found=yes; fi
      elif [ "$found" = yes ]; then fail "another database answers: a second cluster beside it would part the rows; leave --found out"; fi
      start_db_node "$found" "$together"
      if [ "$found" = yes ]; then await_db_node 90; prepare_database; else await_db_node 600; fi ;;
    web)
      need_shared
      use_machine "$machine"
      point_at_front
      prepare_schema
      start_web_machine "$( . "$VAR/$CLUSTER-front/ports"; echo "$WEB_PORT" )" ;;
  esac
  say "$machine runs"
}

stop_machine() {
  use_machine "$1"
  case "$(cluster_kind "$1")" in
    front) stop_programs 2 haproxy redis ;;
    db) stop_programs 2 copies; stop_programs 2 health; stop_database ;;
    web) stop_web ;;
  esac
  stop_supervisor
}

# use_database_in_step: of those on this machine, one whose rows are whole.
use_database_in_step() {
  local name
  for name in ${machine:-$(cluster_nodes db)}; do
    if ( use_machine "$name"; db_node_is_synced ); then use_machine "$name"; return 0; fi
  done
  fail "no database here is in step; ./zumbo status --cluster says which run"
}
# Whoever reads and writes the rows, on this machine; on others they are stopped by whoever runs them.
stop_web_machines() { local name; for name in $(cluster_nodes web); do ( use_machine "$name"; stop_web ); done; }
start_web_machines() {
  # The copy's secret is that of all machines.
  cp "$STATE/secrets" "$VAR/$CLUSTER-front/secrets"
  if [ -z "$machine" ]; then ( start_all ); fi
}

# Databases one after the other: the last one knows that it was the last.
if [ -n "$machine" ]; then machines=("$machine"); else machines=($(cluster_nodes web) front $(cluster_nodes db)); fi
case "$verb" in
  start)
    take_lock "cluster$machine" 900
    ensure_runtime_packages
    install_packages $(missing_cluster_packages)
    ( build_all "${ZUMBO_BUILD:-}" )
    if [ -n "$machine" ]; then start_this; else start_all; fi ;;
  stop)
    take_lock "cluster$machine" 60
    for name in "${machines[@]}"; do ( stop_machine "$name" ); done
    [ -n "$machine" ] || take_cables_up
    say "stopped" ;;
  backup)
    [ -n "$file" ] || usage_error "backup --cluster: which file?"
    use_database_in_step
    write_backup "$file"
    say "backup written: $file ($(stat -c %s "$file") bytes), of $MACHINE. It holds names, health notes and the app's secret: keep it safe." ;;
  restore)
    [ -n "$file" ] || usage_error "restore --cluster: which file?"
    take_lock cluster 120
    use_database_in_step
    restore_from "$file" "$yes" stop_web_machines start_web_machines ;;
  status)
    for name in "${machines[@]}"; do
      ( use_machine "$name"
        say "$name $MACHINE_ADDRESS"
        show_instance | sed 's/^/  /'
        if [ "$(cluster_kind "$name")" = db ]; then
          if program_runs db; then say "  $(db_node_is_synced && echo 'in step' || echo 'not in step')"
          elif [ -f "$STATE/db/grastate.dat" ]; then say "  its rows reach to $(recovered_position "$name")"; fi
        fi )
    done ;;
esac
