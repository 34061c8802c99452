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
  sed -i 's/^safe_to_bootstrap: 0/safe_to_bootstrap: 1/' "$VAR/$CLUSTER-$best/db/grastate.dat"
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

start_databases() {
  local name found='' running=''
  for name in $(cluster_nodes db); do
    if ( use_machine "$name" && program_runs db ) >/dev/null 2>&1; then running="$name"; fi
  done
  [ -n "$running" ] || found="$(founder)"
  if [ -n "$found" ] && [ ! -d "$VAR/$CLUSTER-$found/db/mysql" ]; then
    ( use_machine "$found"; ln -sfn "$STATE/db" "$SOCKETS/data"; create_data_directory "$(service_user mysql)" )
  fi
  for name in $found $(cluster_nodes db | grep -vx "${found:-none}"); do
    ( use_machine "$name"
      mkdir -p "$STATE/db"; chmod 0700 "$STATE/db"; chown "$(service_user mysql)" "$STATE/db"
      start_supervisor
      if program_runs db; then exit 0; fi
      declare_db_node
      [ "$name" != "$found" ] || touch "$STATE/found"
      # Nobody is there whom it could take apart.
      [ -n "$running" ] || touch "$STATE/together"
      run_program db
      run_program health
      # The founder has to be there before anybody joins; where all come back together nobody waits for the other.
      if [ -n "$found" ]; then wait_until 90 "the database of $name to be in step (its log is $STATE/log/db/current)" db_node_is_synced || { tail -n 8 "$STATE/log/db/current" >&2; exit 1; }; fi )
  done
  for name in $(cluster_nodes db); do
    ( use_machine "$name"; wait_until 90 "the database of $name to be in step" db_node_is_synced || { tail -n 8 "$STATE/log/db/current" >&2; exit 1; } )
  done
}
