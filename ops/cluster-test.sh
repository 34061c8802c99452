# ./zumbo test cluster [--seconds N] [--seed N] [--falls LIST]: what has to be right across machines; then writers, and machines that
# fall at seeded times; afterwards every acknowledged entry stands once. The same with another seed is another evening.
# shellcheck shell=bash disable=SC1091,SC2046,SC2016,SC2086
set -euo pipefail
# Beside a cluster that somebody looks at: other names, other addresses.
export CLUSTER=falls ZUMBO_CLUSTER="${ZUMBO_ROOT:?}/var/falls.lst"
for part in base packages build instance mariadb web supervise left_over cluster galera; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
seconds=180
seed=23
kinds='db-kill db-cable db-leave php-kill nginx-kill web-cable redis-kill haproxy-kill'
while [ $# -gt 0 ]; do
  case "$1" in
    --seconds) seconds="$2" ;;
    --seed) seed="$2" ;;
    --falls) kinds="$2" ;;
    *) usage_error "test cluster: '$1' is unknown; accepted: --seconds N, --seed N, --falls LIST" ;;
  esac
  shift 2
done
WRITERS=10
EVERY_S=9
BEHIND_S=2.4 # the clock of the last web machine
JOBS=45
WAV=core/tests/Sound/files/s16-8000-1.wav
make_run_place
install_packages $(missing_cluster_packages) $(have_file /usr/lib/*/faketime/libfaketimeMT.so.1 || echo libfaketime)
if ! namespaces_allowed; then
  say "cluster: skipped: machines that fall need network namespaces, and this user may make none (run it as root)"
  exit 0
fi
sed 's/10\.78\./10.79./' ops/cluster.lst > "$ZUMBO_CLUSTER"
place="$VAR/falls"
mkdir -p "$place"
end_all() { bash "$ZUMBO_ROOT/ops/cluster.sh" stop >/dev/null 2>&1 || true; [ -n "${ZUMBO_KEEP:-}" ] || rm -rf "$VAR"/falls-*; }
trap end_all EXIT
end_all
bash "$ZUMBO_ROOT/ops/cluster.sh" start --port "$(reserve_port 18480)"
port="$(. "$VAR/falls-front/ports"; echo "$WEB_PORT")"

# Its clock is behind from here on: whatever it starts, reads the time less so much.
set_clock_back() {
  ( use_machine "$1"
    for name in fpm worker sensor; do
      # Before PHP alone: what gives up its rights on the way there could not share its clock.
      printf 'for i in "${!COMMAND[@]}"; do case "${COMMAND[i]}" in */php*) break ;; esac; done\nCOMMAND=("${COMMAND[@]:0:i}" env LD_PRELOAD=%q FAKETIME=-%s FAKETIME_CACHE_DURATION=99999 FAKETIME_DONT_FAKE_MONOTONIC=1 "${COMMAND[@]:i}")\n' \
        "$(echo /usr/lib/*/faketime/libfaketimeMT.so.1)" "$BEHIND_S" >> "$(service "$name")/program"
      sv -w 10 restart "$(service "$name")" >/dev/null
    done
    wait_until 10 "$1 to answer again" web_answers_here )
}
web_answers_here() { curl -s -f -m 2 -o /dev/null "http://$MACHINE_ADDRESS:$port/api/ready"; }
urls=(); for name in $(cluster_nodes web); do urls+=("http://$(cluster_address "$name"):$port"); done
set_clock_back "$(cluster_nodes web | tail -1)"
( cd web && node scripts/cluster/promises.mjs "${urls[@]}" "$ZUMBO_ROOT/$WAV" )

# Three workers, each at a database of its own: a lock of one is none at the others, and still no job is taken twice.
jobs_where() { ( use_machine "$(cluster_nodes db | head -1)"; database_sql zumbo -Ne "SELECT COUNT(*) FROM job WHERE $1" ); }
for name in $(cluster_nodes web); do ( use_machine "$name"; sv -w 10 down "$(service worker)" >/dev/null ); done
heard_once="kind = 'sound' AND state = 'done' AND tries = 1"
before="$(jobs_where "$heard_once")"
( cd web && node scripts/cluster/jobs.mjs "${urls[0]}" "$ZUMBO_ROOT/$WAV" "$JOBS" )
working=()
for name in $(cluster_nodes db); do
  ( use_machine "$(cluster_nodes web | head -1)"
    . "$(service worker)/program"
    before
    DATABASE_URL="$(cluster_database_url 3306 "$name")"; export DATABASE_URL
    exec timeout 60 "${COMMAND[@]}" ) >/dev/null 2>&1 &
  working+=("$!")
done
no_sound_waits() { [ "$(jobs_where "state IN ('waiting', 'reading')")" = 0 ]; }
wait_until 50 "three workers at three databases to hear $JOBS recordings" no_sound_waits || true
for pid in "${working[@]}"; do kill -TERM "$pid" 2>/dev/null || true; done
wait "${working[@]}" || true
once="$(jobs_where "$heard_once")"
[ "$((once - before))" = "$JOBS" ] || fail "$((once - before)) of $JOBS recordings were heard once by three workers at three databases: $(( $(jobs_where 'tries > 1') )) were taken twice"
say "holds: three workers at three databases heard $JOBS recordings, each once"
for name in $(cluster_nodes web); do ( use_machine "$name"; sv up "$(service worker)" >/dev/null ); done

# Two web machines that write to two databases: of two commits the later one is refused (certification), and its whole use case runs
# again. Nobody runs it so; it happens where one database takes over from another.
write_at() { # MACHINE PORT [DATABASE]
  ( use_machine "$1"
    sed -i "s#^env\[DATABASE_URL\].*#env[DATABASE_URL] = \"$(cluster_database_url "$2" "${3:-front}" | sed 's/&/\\&/g')\"#" "$SOCKETS/php-fpm.conf"
    sv -w 10 restart "$(service fpm)" >/dev/null
    wait_until 10 "$1 to answer again" web_answers_here )
}
refused_commits() {
  local name all=0
  for name in $(cluster_nodes db); do
    all=$((all + $( use_machine "$name"; database_sql -Ne "SHOW STATUS WHERE Variable_name IN ('wsrep_local_cert_failures', 'wsrep_local_bf_aborts')" | awk '{ all += $2 } END { print all + 0 }')))
  done
  echo "$all"
}
mapfile -t dbs < <(cluster_nodes db)
mapfile -t webs < <(cluster_nodes web)
write_at "${webs[0]}" 3306 "${dbs[0]}"; write_at "${webs[1]}" 3306 "${dbs[1]}"
before="$(refused_commits)"
two="Two-$seed-$RANDOM"
read -r acknowledged sent_again statuses < <( cd web && node scripts/cluster/two-writing.mjs 5 "$two" "${urls[@]}" )
refused="$(($(refused_commits) - before))"
there="$( use_machine "${dbs[2]}"; database_sql zumbo -Ne "SELECT COUNT(*) FROM attempt a JOIN athlete t ON t.id = a.athlete_id WHERE t.name = '$two'" )"
[ "$refused" -gt 0 ] || fail "two databases were written to, and no commit was refused: nothing is shown by that"
[ "$there" = "$acknowledged" ] || fail "$acknowledged entries were acknowledged at two databases, $there are there"
[ "$sent_again" = 0 ] || fail "of $acknowledged entries at two databases $sent_again were answered with $statuses"
say "holds: $acknowledged entries at two databases, $refused refused commits, each whole use case ran again: all are there, and nobody noticed"
write_at "${webs[0]}" "$DB_WRITE_PORT"; write_at "${webs[1]}" "$DB_WRITE_PORT"

in_step() { ( use_machine "$1"; db_node_is_synced ); }
all_in_step() { local name; for name in $(cluster_nodes db); do in_step "$name" || return 1; done; }
# Not in a shell of its own: the same seed must go on to the same next one.
pick() { PICKED="${*:$((RANDOM % $# + 1)):1}"; }
kill_program() { ( use_machine "$1"; group="$(noted_group "$(service "$2")/group")" && kill -KILL -- "-$group" ) || true; }
# The database that is written to: the one whose socket holds the front's sessions.
stat_of() {
  printf 'show stat\n' | php8.2 -n -r '$s = stream_socket_client("unix://'"$SOCKETS/haproxy.sock"'"); fwrite($s, stream_get_contents(STDIN)); echo stream_get_contents($s);' | grep "^$1,"
}
written_to() { ( use_machine front; stat_of db-write | awk -F, '$2 ~ /^db/ { if ($8 + 0 >= most) { most = $8 + 0; name = $2 } } END { print name }' ); }

RANDOM="$seed"
# Each kind once, in an order by chance; then whatever comes.
mapfile -t to_come < <(printf '%s\n' $kinds | shuf --random-source=<(yes "$seed"))
: > "$place/falls"
let_fall() {
  local kind victim
  if [ "${#to_come[@]}" -gt 0 ]; then kind="${to_come[0]}"; to_come=("${to_come[@]:1}"); else pick $kinds; kind="$PICKED"; fi
  case "$kind" in
    db-*) wait_until 40 "all databases to be in step before another falls" all_in_step || return 0; pick $(cluster_nodes db) "$(written_to)"; victim="$PICKED" ;;
    php-*|nginx-*|web-*) pick $(cluster_nodes web); victim="$PICKED" ;;
    *) victim=front ;;
  esac
  say "$(($(date +%s) - began)) s: $kind $victim"
  echo "$(date +%s%3N) $kind $victim" >> "$place/falls"
  case "$kind" in
    db-kill) kill_program "$victim" db ;;
    db-leave) machine_alone "$victim" stop; machine_alone "$victim" start ;;
    db-cable|web-cable) pull_cable "$victim" down; sleep $((4 + RANDOM % 4)); pull_cable "$victim" up ;;
    php-kill) kill_program "$victim" fpm; kill_program "$victim" worker ;;
    nginx-kill) kill_program "$victim" nginx; kill_program "$victim" hints ;;
    redis-kill) kill_program front redis ;;
    haproxy-kill) kill_program front haproxy ;;
  esac
}
# As whoever runs real hosts does it: on that machine itself.
machine_alone() { ip netns exec "$(namespace "$1")" bash "$ZUMBO_ROOT/ops/cluster.sh" "$2" --cluster --machine "$1" >/dev/null; }

began="$(date +%s)"
( cd web && node scripts/cluster/writers.mjs "http://127.0.0.1:$port" "$seconds" "$WRITERS" "$place/written.json" "$ZUMBO_ROOT/$WAV" ) &
writing=$!
while kill -0 "$writing" 2>/dev/null && [ $(($(date +%s) - began)) -lt $((seconds - 12)) ]; do
  sleep $((EVERY_S - 3 + RANDOM % 6))
  let_fall
done
wait "$writing"
# A database that was killed knows how far it was, and gets what is missing instead of a whole copy.
if grep -qs 'goes on from .*:-1$' "$VAR"/falls-db*/log/db/current; then fail "a database that fell does not know how far it was: $(grep -h 'goes on from' "$VAR"/falls-db*/log/db/current | tail -3)"; fi
wait_until 60 "all databases to be in step again" all_in_step
no_job_waits() { ( use_machine "$(cluster_nodes db | head -1)"; [ "$(database_sql zumbo -Ne "SELECT COUNT(*) FROM job WHERE state NOT IN ('done', 'failed', 'cancelled', 'refused')")" = 0 ] ); }
# A job whose worker died is taken up after two minutes of silence.
wait_until 150 "all jobs to end" no_job_waits || true

# Everything falls at once: they find each other again by themselves. Then without the note of who was together: each waits for the
# others, until whoever runs them stops and starts all of it, and the one with the newest rows begins.
if [ "$seconds" -ge 60 ]; then
  say "all databases fall"
  for name in $(cluster_nodes db); do kill_program "$name" db; done
  wait_until 60 "all databases to be in step again" all_in_step
  say "all databases fall, and nobody knows who was together"
  for name in $(cluster_nodes db); do ( use_machine "$name"; sv once "$(service db)" ); kill_program "$name" db; done
  rm -f "$VAR"/falls-db*/db/gvwstate.dat
  for name in $(cluster_nodes db); do ( use_machine "$name"; sv up "$(service db)" ); done
  sleep 12
  if all_in_step; then fail "they were to wait for each other: nothing is shown by that"; fi
  bash "$ZUMBO_ROOT/ops/cluster.sh" stop >/dev/null
  bash "$ZUMBO_ROOT/ops/cluster.sh" start --port "$port" >/dev/null
  all_in_step || fail "the databases are not in step again"
fi

rows() {
  local name="$1" what="$2"
  ( use_machine "$name"; database_sql zumbo -Ne "$what" ) | php8.2 -n -r 'echo json_encode(array_values(array_filter(explode("\n", stream_get_contents(STDIN)), fn ($line) => $line !== "")));'
}
mine="SELECT id FROM athlete WHERE name LIKE 'Writer %'"
{
  printf '{'
  comma=''
  for name in $(cluster_nodes db); do
    printf '%s"%s": {"attempts": %s, "changes": %s, "revision": %s, "sums": %s, "jobs": %s}' "$comma" "$name" \
      "$(rows "$name" "SELECT CONCAT(HEX(id), ' ', reps) FROM attempt WHERE athlete_id IN ($mine) ORDER BY id")" \
      "$(rows "$name" "SELECT CONCAT(revision, ' ', HEX(row_id)) FROM gym_change ORDER BY revision")" \
      "$(rows "$name" 'SELECT revision FROM gym')" \
      "$(rows "$name" "SELECT CONCAT(SUM(entries), ' ', SUM(reps)) FROM day_sum WHERE athlete_id IN ($mine)")" \
      "$(rows "$name" "SELECT CONCAT(HEX(id), ' ', state) FROM job ORDER BY id")"
    comma=', '
  done
  printf '}\n'
} > "$place/rows.json"
# How often one of the others was read from: the class over months may be a second old.
read_elsewhere() { ( use_machine front; stat_of db-read | awk -F, '$2 ~ /^db/ { all += $8 } END { print all + 0 }' ); }
( cd web && node scripts/cluster/verdict.mjs "$place/written.json" "$place/rows.json" "$place/falls" "${urls[@]}" )
[ "$(read_elsewhere)" -gt 0 ] || fail 'nothing was read from another database'

# A copy of one database is a copy of all; read in, it stands on all.
if [ "$seconds" -ge 60 ]; then
  checksums() {
    ( use_machine "$1"; database_sql zumbo -Ne "CHECKSUM TABLE $(database_sql -Ne "SELECT GROUP_CONCAT(CONCAT('zumbo.', table_name) ORDER BY table_name)
      FROM information_schema.tables WHERE table_schema = 'zumbo' AND table_name NOT IN ('cache_items', 'lock_keys', 'sessions')")" )
  }
  bash "$ZUMBO_ROOT/ops/cluster.sh" backup --cluster "$place/copy.tar"
  before="$(checksums "${dbs[0]}")"
  ( use_machine "${dbs[1]}"; database_sql zumbo -e "SET foreign_key_checks = 0; DELETE FROM attempt; UPDATE athlete SET name = 'Nobody'" )
  bash "$ZUMBO_ROOT/ops/cluster.sh" restore --cluster --yes "$place/copy.tar" >/dev/null
  for name in "${dbs[@]}"; do [ "$(checksums "$name")" = "$before" ] || fail "$name is not what was copied"; done
  say "holds: a copy that is read in stands on all databases"
  rm -f "$place/copy.tar"
fi
