# ./zumbo test cluster [--seconds N] [--seed N] [--falls LIST]: writers, and machines that fall at seeded times; afterwards every
# acknowledged entry stands once. The same with another seed is another evening.
# shellcheck shell=bash disable=SC1091,SC2046,SC2016,SC2086
set -euo pipefail
# Beside a cluster that somebody looks at: other names, other addresses.
export CLUSTER=falls ZUMBO_CLUSTER="${ZUMBO_ROOT:?}/var/falls.lst"
for part in base packages build instance mariadb web supervise left_over cluster galera; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
seconds=180
seed=23
kinds='db-kill db-cable php-kill nginx-kill web-cable redis-kill haproxy-kill'
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
make_run_place
install_packages $(missing_cluster_packages)
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
let_fall() {
  local kind victim back
  # shellcheck disable=SC2086
  pick $kinds
  kind="$PICKED"
  case "$kind" in
    db-*) wait_until 40 "all databases to be in step before another falls" all_in_step || return 0; pick $(cluster_nodes db) "$(written_to)"; victim="$PICKED" ;;
    php-*|nginx-*|web-*) pick $(cluster_nodes web); victim="$PICKED" ;;
    *) victim=front ;;
  esac
  say "$(($(date +%s) - began)) s: $kind $victim"
  case "$kind" in
    db-kill) kill_program "$victim" db ;;
    db-cable|web-cable) pull_cable "$victim" down; back=$((4 + RANDOM % 4)); sleep "$back"; pull_cable "$victim" up ;;
    php-kill) kill_program "$victim" fpm; kill_program "$victim" worker ;;
    nginx-kill) kill_program "$victim" nginx ;;
    redis-kill) kill_program front redis ;;
    haproxy-kill) kill_program front haproxy ;;
  esac
}

began="$(date +%s)"
( cd web && node scripts/cluster/writers.mjs "http://127.0.0.1:$port" "$seconds" "$WRITERS" "$place/written.json" "$ZUMBO_ROOT/core/tests/Sound/files/s16-8000-1.wav" ) &
writing=$!
while kill -0 "$writing" 2>/dev/null && [ $(($(date +%s) - began)) -lt $((seconds - 12)) ]; do
  sleep $((EVERY_S - 3 + RANDOM % 6))
  let_fall
done
wait "$writing"
wait_until 60 "all databases to be in step again" all_in_step
no_job_waits() { ( use_machine "$(cluster_nodes db | head -1)"; [ "$(database_sql zumbo -Ne "SELECT COUNT(*) FROM job WHERE state NOT IN ('done', 'failed', 'cancelled', 'refused')")" = 0 ] ); }
# A job whose worker died is taken up after two minutes of silence.
wait_until 150 "all jobs to end" no_job_waits || true

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
urls=(); for name in $(cluster_nodes web); do urls+=("http://$(cluster_address "$name"):$port"); done
( cd web && node scripts/cluster/verdict.mjs "$place/written.json" "$place/rows.json" "${urls[@]}" )
[ "$(read_elsewhere)" -gt 0 ] || fail 'nothing was read from another database'
