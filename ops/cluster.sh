# ./zumbo start|stop|status --cluster [--port N]: three databases, two web machines and the front, on this machine.
# shellcheck shell=bash disable=SC1091,SC2046,SC2016,SC2086
for part in base packages build instance mariadb web supervise left_over tls backup demo cluster galera; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
verb="$1"; shift
port=''
while [ $# -gt 0 ]; do
  case "$1" in
    --cluster) shift ;;
    --port) port="${2:-}"; shift 2 || true ;;
    --port=*) port="${1#*=}"; shift ;;
    *) usage_error "$verb --cluster: '$1' is unknown; accepted: --port N" ;;
  esac
done
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

start_web_machines() {
  local name web_port; web_port="$(front_port)"
  for name in $(cluster_nodes web); do
    ( use_machine "$name"
      WEB_LISTEN="$MACHINE_ADDRESS"; WEB_PORT="$web_port"; write_ports
      FRONT_ADDRESS="$(cluster_address front)"
      DATABASE_URL="$(cluster_database_url "$DB_WRITE_PORT")"; export DATABASE_URL
      ZUMBO_READ_URL="$(cluster_database_url "$DB_READ_PORT")"; export ZUMBO_READ_URL
      start_supervisor
      start_web '' )
  done
}

prepare_schema() {
  ( use_machine "$(cluster_nodes db | head -1)"
    ensure_schema zumbo >/dev/null
    database_sql <<SQL
CREATE USER IF NOT EXISTS health@localhost IDENTIFIED BY '$DB_PASSWORD';
CREATE USER IF NOT EXISTS zumbo@'%' IDENTIFIED BY '$DB_PASSWORD';
GRANT ALL ON \`zumbo%\`.* TO zumbo@'%';
SQL
    DATABASE_URL="$(cluster_database_url "$DB_WRITE_PORT")"; export DATABASE_URL
    wait_until 20 "the front to find a database" console dbal:run-sql -q 'SELECT 1'
    step "bringing the database schema up to date"
    console doctrine:migrations:migrate -n -q --allow-no-migration
    load_demo_where_wanted yes '' )
}

case "$verb" in
  start)
    take_lock cluster 900
    ensure_runtime_packages
    install_packages $(missing_cluster_packages)
    ( build_all "${ZUMBO_BUILD:-}" )
    lay_cables
    galera_certificate
    step "starting $(cluster_nodes db | wc -l) databases, $(cluster_nodes web | wc -l) web machines and the front$(namespaces_allowed || echo ', without namespaces')"
    start_databases
    start_front
    prepare_schema
    start_web_machines
    say "Zumbo runs on a cluster at http://127.0.0.1:$(front_port)" ;;
  stop)
    take_lock cluster 60
    for machine in $(cluster_nodes web); do ( use_machine "$machine"; stop_web; stop_supervisor ); done
    ( use_machine front; stop_programs 2 haproxy redis; stop_supervisor )
    # One after the other: the last one knows that it was the last.
    for machine in $(cluster_nodes db); do ( use_machine "$machine"; stop_programs 2 health; stop_database; stop_supervisor ); done
    take_cables_up
    say "stopped" ;;
  status)
    for machine in front $(cluster_nodes db) $(cluster_nodes web); do ( use_machine "$machine"; say "$machine $MACHINE_ADDRESS"; show_instance | sed 's/^/  /' ); done ;;
esac
