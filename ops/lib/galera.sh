# Databases that keep the same rows on several machines: MariaDB with Galera.
# shellcheck shell=bash

GALERA=/usr/lib/galera/libgalera_smm.so

missing_cluster_packages() {
  have_file "$GALERA" || echo galera-4
  have_file /usr/sbin/haproxy || echo haproxy
  have redis-server || echo redis-server
  have rsync || echo rsync
  have ip || echo iproute2
}

# A certificate for the talk between databases, one for all of them: whoever has it belongs to the cluster.
galera_certificate() {
  local folder="$VAR/$CLUSTER-front/tls"
  mkdir -p "$folder"
  [ -s "$folder/node.pem" ] || ( umask 077; run_logged cluster-tls openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -days 3650 \
    -subj '/CN=Zumbo cluster' -keyout "$folder/node.key" -out "$folder/node.pem" )
}

# declare_db_node: of the machine in use. Whether it founds the cluster is asked at each start, never remembered. A wait for a lock is
# short: where a whole copy is lent to another, commits stand still, and who waits for such a commit would wait for 50 s.
declare_db_node() {
  local user peers; user="$(service_user mysql)"
  peers="$(for name in $(cluster_nodes db); do cluster_address "$name"; done | paste -sd,)"
  ln -sfn "$STATE/db" "$SOCKETS/data"
  chown "$user" "$SOCKETS"
  mkdir -p "$STATE/tls"
  cp "$VAR/$CLUSTER-front/tls/node.pem" "$VAR/$CLUSTER-front/tls/node.key" "$STATE/tls/"
  chown -R "$user" "$STATE/tls"; chmod 0700 "$STATE/tls"
  ln -sfn "$STATE/tls" "$SOCKETS/tls"
  local options="gmcast.listen_addr=tcp://$MACHINE_ADDRESS:4567;ist.recv_addr=$MACHINE_ADDRESS:4568;gcache.size=128M"
  options+=";evs.keepalive_period=PT0.5S;evs.suspect_timeout=PT2S;evs.inactive_timeout=PT4S;evs.inactive_check_period=PT0.5S"
  # Where one comes back the others agree anew who is there. Two seconds (half of inactive_timeout, if nothing is said) are too few under
  # load: nobody had a quorum for fifteen.
  options+=";evs.join_retrans_period=PT0.3S;evs.install_timeout=PT4S"
  options+=";socket.ssl_cert=$SOCKETS/tls/node.pem;socket.ssl_key=$SOCKETS/tls/node.key;socket.ssl_ca=$SOCKETS/tls/node.pem"
  declare_program db "$SOCKETS/data" yes "$SOCKETS/db.sock" "${ON_MACHINE[@]}" mariadbd --no-defaults --user="$user" \
    --datadir="$SOCKETS/data" --socket="$SOCKETS/db.sock" --pid-file="$SOCKETS/db.pid" --bind-address="$MACHINE_ADDRESS" --port=3306 \
    --skip-name-resolve --character-set-server=utf8mb4 --collation-server=utf8mb4_uca1400_ai_ci --innodb-buffer-pool-size=128M \
    --innodb-flush-log-at-trx-commit=1 --innodb-autoinc-lock-mode=2 --innodb-lock-wait-timeout=4 --binlog-format=ROW --max-connections=150 \
    --wsrep-on=ON --wsrep-provider="$GALERA" --wsrep-cluster-name="$CLUSTER-$FOLDER_ID" --wsrep-cluster-address="gcomm://$peers" \
    --wsrep-node-name="$MACHINE" --wsrep-node-address="$MACHINE_ADDRESS" --wsrep-sst-method=rsync \
    --wsrep-sst-receive-address="$MACHINE_ADDRESS:4444" --wsrep-slave-threads=2 --wsrep-provider-options="$options"
  printf 'before() { . %q; join %q; }\n' "$ZUMBO_ROOT/ops/supervised/db-join.sh" "$STATE" >> "$(service db)/program.new"
  publish_program db
  declare_program health "zumbo.health=$SOCKETS" no '' "${ON_MACHINE[@]}" "$PHP" -n -d extension=mysqlnd -d extension=pdo -d extension=pdo_mysql -d "zumbo.health=$SOCKETS" \
    "$ZUMBO_ROOT/ops/supervised/db-health.php" "$MACHINE_ADDRESS:$HEALTH_PORT" "$SOCKETS/db.sock"
  printf 'export DB_PASSWORD=%q\n' "$DB_PASSWORD" >> "$(service health)/program.new"
  publish_program health
}

# Who begins where nobody runs: the one that went last, or all together where they fell all at once.
founder() {
  local name best='' most=-1 at
  for name in $(cluster_nodes db); do
    if grep -qs '^safe_to_bootstrap: 1' "$VAR/$CLUSTER-$name/db/grastate.dat"; then echo "$name"; return 0; fi
  done
  if ! ls "$VAR/$CLUSTER"-*/db/grastate.dat >/dev/null 2>&1; then cluster_nodes db | head -1; return 0; fi
  # gvwstate.dat remembers who was together: they find each other again without a founder.
  for name in $(cluster_nodes db); do [ -s "$VAR/$CLUSTER-$name/db/gvwstate.dat" ] || { best=lost; break; }; done
  [ "$best" = lost ] || return 0
  for name in $(cluster_nodes db); do
    at="$(recovered_position "$name")"
    if [ "$at" -gt "$most" ]; then most="$at"; best="$name"; fi
  done
  echo "$best"
}
# How far the rows of a machine reach that does not run: the number of its last transaction.
recovered_position() {
  ( use_machine "$1"
    . "$ZUMBO_ROOT/ops/supervised/db-join.sh"
    said="$(position --no-defaults --user="$(service_user mysql)" --datadir="$SOCKETS/data" --wsrep-on=ON --wsrep-provider="$GALERA" --wsrep-cluster-address=gcomm://)"
    echo "${said##*:}" )
}

db_node_is_synced() {
  [ "$(mariadb --no-defaults --socket="$SOCKETS/db.sock" --user="$(id -un)" -Ne "SHOW STATUS LIKE 'wsrep_local_state'" 2>/dev/null | cut -f2)" = 4 ]
}

# start_db_node FOUNDS(yes|no) TOGETHER(yes|no): of the machine in use. TOGETHER: nobody is there whom it could take apart.
start_db_node() {
  ln -sfn "$STATE/db" "$SOCKETS/data"
  if [ "$1" = yes ] && [ ! -d "$STATE/db/mysql" ]; then create_data_directory "$(service_user mysql)"; fi
  mkdir -p "$STATE/db"; chmod 0700 "$STATE/db"; chown "$(service_user mysql)" "$STATE/db"
  start_supervisor
  if program_runs db; then return 0; fi
  declare_db_node
  if [ "$1" = yes ]; then
    # It may have been chosen among several that fell.
    [ ! -f "$STATE/db/grastate.dat" ] || sed -i 's/^safe_to_bootstrap: 0/safe_to_bootstrap: 1/' "$STATE/db/grastate.dat"
    touch "$STATE/found"
  fi
  if [ "$2" = yes ]; then touch "$STATE/together"; fi
  run_program db
  run_program health
}
# await_db_node SECONDS: a whole copy of many rows takes its time.
await_db_node() {
  wait_until "$1" "the database of $MACHINE to be in step (its log is $STATE/log/db/current)" db_node_is_synced || { tail -n 8 "$STATE/log/db/current" >&2; exit 1; }
}

start_databases() {
  local name found='' running='' together=yes
  for name in $(cluster_nodes db); do
    if ( use_machine "$name" && program_runs db ) >/dev/null 2>&1; then running="$name"; together=no; fi
  done
  [ -n "$running" ] || found="$(founder)"
  for name in $found $(cluster_nodes db | grep -vx "${found:-none}"); do
    ( use_machine "$name"
      start_db_node "$([ "$name" = "$found" ] && echo yes || echo no)" "$together"
      # The founder has to be there before anybody joins; where all come back together nobody waits for the other.
      if [ -n "$found" ]; then await_db_node 90; fi )
  done
  for name in $(cluster_nodes db); do ( use_machine "$name"; await_db_node 90 ); done
}

# Of the other machines, over the network: whether a database of them may be used.
another_database_answers() {
  local name
  for name in $(cluster_nodes db | grep -vx "$MACHINE"); do
    if curl -s -f -m 2 -o /dev/null "http://$(cluster_address "$name"):$HEALTH_PORT/"; then return 0; fi
  done
  return 1
}
