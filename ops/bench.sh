# ./zumbo bench [NAME]: speed and memory as ratios, each pair measured in one run. pcov is off throughout.
# shellcheck shell=bash disable=SC1091
for part in base packages build instance mariadb web supervise left_over; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done

names=(calc arc pace bands bend ladder plan follow hall faults path gear sound events hand phone story cluster routes class screens dying import growth bytes)
if [ $# -gt 0 ]; then
  case " ${names[*]} " in *" $1 "*) names=("$1") ;; *) usage_error "bench: '$1' is unknown; accepted: ${names[*]}" ;; esac
fi

# As the web server runs it: compiled, and hot code turned into machine code.
php_compiled=("$PHP" -n -d zend_extension=opcache -d opcache.enable_cli=1 -d opcache.jit=1235 -d opcache.jit_buffer_size=48M)

bench_calc() {
  local i began took=()
  for i in $(seq 15); do
    began="$(date +%s%N)"
    "$ZUMBO_ROOT/zumbo" calc rope height=175 --json >/dev/null
    took+=($((($(date +%s%N) - began) / 1000)))
  done
  printf '%s\n' "${took[@]}" | sort -n | awk '{ all[NR] = $1 } END { printf "calc: cold start of ./zumbo calc rope, median %.0f ms, slowest %.0f ms of %d\n", all[int((NR + 1) / 2)] / 1000, all[NR] / 1000, NR }'
}

bench_arc() {
  local ours theirs
  ours="$("$PHP" -n -d zend_extension=opcache -d opcache.enable_cli=1 bench/arc.php 2>/dev/null)"
  theirs="$(/usr/bin/python3 bench/arc.py)"
  awk -v a="$ours" -v b="$theirs" 'BEGIN {
    split(a, x, " "); split(b, y, " ")
    if (x[2] - y[2] > 1e-9 || y[2] - x[2] > 1e-9) { print "arc: the two do not agree: " a " | " b; exit 1 }
    printf "arc: PHP %d solves/s, scipy %d solves/s, ratio %.1f (same mean depth %.6f m)\n", x[1], y[1], x[1] / y[1], x[2]
  }'
}

bench_pace() {
  local ours theirs
  ours="$("${php_compiled[@]}" bench/pace.php 2>/dev/null)"
  theirs="$(/usr/bin/python3 bench/pace.py)"
  awk -v a="$ours" -v b="$theirs" 'BEGIN {
    split(a, x, " "); split(b, y, " ")
    if (x[1] - y[1] > 0.01 || y[1] - x[1] > 0.01) { print "pace: the two do not agree: " a " | " b; exit 1 }
    printf "pace: 10 rounds of 100 reps: PHP %.1f ms, numpy %.1f ms, ratio %.2f (same loss %.2f s); with the band %.0f ms, with the range of good sets too %.0f ms; one round of 50, 100, 200, 500, 1000 reps: %s, %s, %s, %s, %s ms; 40 athletes, %d scalings of five rounds of fifty: %s ms; twenty brought within two minutes: %s ms; every place of three breaks in a hundred: %s ms\n", x[2], y[2], x[2] / y[2], x[1], x[3], x[4], x[5], x[6], x[7], x[8], x[9], x[10], x[11], x[12], x[13]
  }'
}

bench_bands() {
  "${php_compiled[@]}" bench/bands.php 2>/dev/null | awk '{
    printf "bands: of 2,000 athletes each, whose chances are of another kind, %s, %s, %s %% of the 10 to 90 %% bands hold after 5, 20, 80 logged goes (aim 75 to 85); %s ms an athlete\n", $1, $2, $3, $4
  }'
}

bench_ladder() {
  local ours theirs
  ours="$("${php_compiled[@]}" bench/ladder.php 2>/dev/null)"
  theirs="$(/usr/bin/python3 bench/ladder.py)"
  awk -v a="$ours" -v b="$theirs" 'BEGIN {
    split(a, x, " "); split(b, y, " ")
    if (x[1] / y[1] > 1.000001 || y[1] / x[1] > 1.000001) { print "ladder: the two do not agree: " a " | " b; exit 1 }
    printf "ladder: 30 rungs: PHP %.2f ms, numpy %.2f ms, ratio %.2f (same expected time %.1f s); fitted to minutes, contacts and aim in %.0f ms (aim 100 ms)\n", x[2], y[2], x[2] / y[2], x[1], x[3]
  }'
}

bench_plan() {
  "${php_compiled[@]}" bench/plan.php 2>/dev/null | awk '{
    printf "plan: a practice for one %.0f ms (aim 100), for 5, 10, 20, 40, 80 people %s, %s, %s, %s, %s ms (aim 1,000 for 20), %.1f times for four times 20; at most %.1f %% from the bound; four weeks for 20 in %.0f ms (aim 1,000)\n", $1, $2, $3, $4, $5, $6, $6 / $4, $7, $8
  }'
}

bench_follow() {
  "${php_compiled[@]}" bench/follow.php 2>/dev/null | awk '{
    printf "follow: 400 simulated athletes to twenty in a row: %s practices by the plan, %s by one ladder for everybody, %s sooner (95 %% interval %s to %s), if 85 in 100 teaches best\n", $1, $2, $3, $4, $5
  }'
}

bench_path() {
  "${php_compiled[@]}" bench/path.php 2>/dev/null
  bench_instance
  ( cd web && node scripts/drill-search.mjs "http://127.0.0.1:$WEB_PORT" maren@saltmarsh.example 'harbour rope 14' )
}
bench_hall() {
  local found
  found="$("${php_compiled[@]}" bench/hall.php 2>/dev/null)"
  awk -v a="$found" 'BEGIN {
    split(a, x, " ")
    printf "hall: forty people arranged in 24 × 16 m in %d ms (%d have room), in 12 × 9 m in %d ms (%d have room)\n", x[1], x[2], x[3], x[4]
  }'
  bench_instance
  ( cd web && node scripts/hall-load.mjs "http://127.0.0.1:$WEB_PORT" maren@saltmarsh.example 'harbour rope 14' )
}

bench_faults() { "${php_compiled[@]}" bench/faults.php 2>/dev/null; }

bench_gear() {
  local ours theirs
  ours="$("${php_compiled[@]}" bench/gear.php 2>/dev/null)"
  theirs="$(/usr/bin/python3 bench/gear.py)"
  awk -v a="$ours" -v b="$theirs" 'BEGIN {
    split(a, x, " "); split(b, y, " ")
    if (x[1] != y[1] || x[2] != y[2]) { print "gear: the two do not agree: " a " | " b; exit 1 }
    printf "gear: 200 athletes × 300 ropes: PHP %.0f ms, scipy %.1f ms, ratio %.0f (same %d served at cost %d); n × n for 50, 100, 200, 400: %s, %s, %s, %s ms, %.1f times for twice as many at the end (n³: 8); cut list of 30: %s ms, %d coils, %s\n", x[3], y[3], x[3] / y[3], x[1], x[2], x[4], x[5], x[6], x[7], x[7] / x[6], x[8], x[9], x[10]
  }'
}

# The takes are made by their own generator, and a general-purpose detector hears the same files.
bench_sound() {
  local place="$VAR/bench/heldout" minute heard one thirty
  rm -rf "$place"
  /usr/bin/python3 bench/heldout/generate.py "$place"
  heard="$("${php_compiled[@]}" bench/sound.php hear "$place" 2>/dev/null)"
  /usr/bin/python3 bench/sound.py "$place"
  minute="$place/../minute.wav"
  "$ZUMBO_ROOT/zumbo" calc synth "pattern=3s d" seconds=60 noise_db=20 "out=$minute" >/dev/null
  one="$("${php_compiled[@]}" bench/sound.php long "$minute" 1 2>/dev/null)"
  thirty="$("${php_compiled[@]}" bench/sound.php long "$minute" 29 2>/dev/null)"
  awk -v h="$heard" -v a="$one" -v b="$thirty" 'BEGIN {
    split(h, t, " "); split(a, x, " "); split(b, y, " ")
    printf "sound: 60 s of 44.1 kHz mono %.0f times real time, %.0f minutes %.0f times; peak memory %.1f MB and %.1f MB; all held-out takes %.0f times\n", 60 * x[1] / x[2], y[1], 60 * y[1] / y[2], x[3] / 1e6, y[3] / 1e6, t[1] / t[2]
  }'
}

bench_events() {
  "${php_compiled[@]}" bench/sound.php events 2>/dev/null | awk '{ printf "events: an hour from a sensor, %d jumps, read in %.1f ms\n", $2, $1 }'
}

# Each bench runs in a shell of its own; what the instance chose (its ports) is read again from its folder.
bench_instance() {
  local schema="${1:-zumbo_bench}"
  use_instance bench
  start_database
  export APP_ENV=prod
  ensure_schema "$schema" >/dev/null
  use_database "$schema"
  run_logged bench-migrate console doctrine:migrations:migrate -n --allow-no-migration
  FIRST_WEB_PORT=18180
  start_web ''
  run_logged bench-demo console zumbo:demo
}

bench_routes() {
  bench_instance
  "$PHP" -d pcov.enabled=0 bench/routes.php "http://127.0.0.1:$WEB_PORT" maren@saltmarsh.example 'harbour rope 14'
}

bench_class() {
  bench_instance
  ( cd web && node scripts/class-load.mjs "http://127.0.0.1:$WEB_PORT" maren@saltmarsh.example 'harbour rope 14' )
}

bench_import() {
  bench_instance
  local worker; worker="$(program_pid worker)"
  ( cd web && node scripts/import-load.mjs "http://127.0.0.1:$WEB_PORT" maren@saltmarsh.example 'harbour rope 14' "${worker% *}" )
}

# A class on twenty screens: of the demo, and of a gym of seventy after three years.
bench_screens() {
  bench_instance
  ( cd web && node scripts/screens-load.mjs "http://127.0.0.1:$WEB_PORT" maren@saltmarsh.example 'harbour rope 14' demo )
  bench_grown zumbo_classes classes
  ( cd web && node scripts/screens-load.mjs "http://127.0.0.1:$WEB_PORT" 51grown@saltmarsh.example 'harbour rope 14' 'three years' )
}

# Each is killed at once in the middle of a class; runit starts it again.
bench_dying() {
  bench_instance
  local name found pids=()
  for name in fpm nginx db; do found="$(program_pid "$name")"; pids+=("$name=${found% *}"); done
  ( cd web && node scripts/dying-load.mjs "http://127.0.0.1:$WEB_PORT" maren@saltmarsh.example 'harbour rope 14' "${pids[@]}" )
}

# bench_grown SCHEMA WHAT…: a database of its own, made anew by bench/growth.php.
bench_grown() {
  local schema="$1" what; shift
  start_database
  database_sql -e "DROP DATABASE IF EXISTS $schema"
  bench_instance "$schema"
  for what in "$@"; do
    "$PHP" -d pcov.enabled=0 bench/growth.php "$what"
  done
  console zumbo:rebuild-sums -q
}

bench_growth() {
  bench_grown zumbo_growth few
  local place="$VAR/bench/growth" here="http://127.0.0.1:$WEB_PORT" began
  mkdir -p "$place"
  grown() { ( cd web && node scripts/growth-load.mjs "$here" 'harbour rope 14' "$1" ) > "$place/$2"; }
  began="$(date +%s)"
  grown 1 few
  "$PHP" -d pcov.enabled=0 bench/growth.php many
  "$PHP" -d pcov.enabled=0 bench/growth.php classes
  console zumbo:rebuild-sums -q
  database_sql zumbo_growth -e 'ANALYZE TABLE attempt, practice, practice_set, day_sum' >/dev/null
  printf 'growth: %s entries made and counted in %s s; p95 in ms with two weeks of log, and with three years\n' \
    "$(database_sql zumbo_growth -Ne 'SELECT COUNT(*) FROM attempt')" "$(($(date +%s) - began))"
  grown 1 many; grown 51 seventy; grown 52 fourteen
  # name, p95 and median with two weeks, with three years; then the median beside that of the empty route.
  join <(sort "$place/few") <(sort "$place/many") | awk '{ printf "growth: 60 athletes: %s %s -> %s, ratio %.2f\n", $1, $2, $4, $4 / $2 }'
  local athletes
  for athletes in fourteen seventy; do
    awk -v gym="$athletes" '
      { p95[$1] = $2; median[$1] = $3; order[NR] = $1 }
      END { for (i = 1; i <= NR; i++) printf "growth: %s athletes, three years: %s %s ms (median %s), %.2f of the empty route\n", gym, order[i], p95[order[i]], median[order[i]], median["empty"] / median[order[i]] }
    ' "$place/$athletes"
  done
}

bench_hand() {
  bench_instance
  ( cd web && node scripts/hand-moves.mjs "http://127.0.0.1:$WEB_PORT" maren@saltmarsh.example 'harbour rope 14' )
}

bench_bend() {
  bench_instance
  ( cd web && node scripts/bend-moves.mjs "http://127.0.0.1:$WEB_PORT" maren@saltmarsh.example 'harbour rope 14' )
}

bench_story() {
  bench_grown zumbo_classes classes
  ( cd web && node scripts/story-draw.mjs "http://127.0.0.1:$WEB_PORT" 51grown@saltmarsh.example 'harbour rope 14' )
}

bench_phone() {
  bench_instance
  ( cd web && node scripts/phone-load.mjs "http://127.0.0.1:$WEB_PORT" maren@saltmarsh.example 'harbour rope 14' )
}

# One machine against three databases, two web machines and a front that all share these two cores: what keeping three costs, not
# what three machines bring.
bench_cluster() {
  local one three
  bench_instance
  one="$( cd web && node scripts/cluster/throughput.mjs one "http://127.0.0.1:$WEB_PORT" 8 )"
  ( stop_web; stop_database )
  export CLUSTER=falls ZUMBO_CLUSTER="$VAR/falls.lst"
  sed 's/10\.78\./10.79./' ops/cluster.lst > "$ZUMBO_CLUSTER"
  three="$( trap 'bash ops/cluster.sh stop >/dev/null 2>&1; rm -rf "$VAR"/falls-*' EXIT
    bash ops/cluster.sh start --port "$(reserve_port 18480)" >&2
    cd web && node scripts/cluster/throughput.mjs three "http://127.0.0.1:$(. "$VAR/falls-front/ports"; echo "$WEB_PORT")" 8 )"
  awk -v a="$one" -v b="$three" 'BEGIN {
    split(a, x, " "); split(b, y, " ")
    printf "files: a recording of 20 MB: on the disk %d ms; kept in one database %d ms (ratio %.0f), in three %d ms (ratio %.1f of one); heard whole %d and %d ms, 64 KB of it %d and %d ms\n", x[8], x[9], x[9] / x[8], y[9], y[9] / x[9], x[10], y[10], x[11], y[11]
    printf "cluster: ten coaches of one gym: %d entries/s on one machine (median %d ms, 95 %% within %d), %d/s on three databases (%d, %d), ratio %.2f; %d pages read/s (%d, %d), %d/s (%d, %d), ratio %.2f\n", x[2], x[3], x[4], y[2], y[3], y[4], y[2] / x[2], x[5], x[6], x[7], y[5], y[6], y[7], y[5] / x[5]
  }'
}

bench_bytes() { ( cd web && node scripts/first-load.mjs ); }

make_run_place
take_lock bench 60
ensure_runtime_packages
# shellcheck disable=SC2046
case " ${names[*]} " in *' arc '* | *' pace '* | *' ladder '* | *' gear '* | *' sound '*) install_packages $(missing_bench_packages) ;; esac
# shellcheck disable=SC2046
case " ${names[*]} " in *' hand '* | *' bend '* | *' phone '* | *' screens '*) install_packages $(missing_test_packages) ;; esac
( build_all )
use_instance bench
stop_all() { stop_web; stop_database; }
trap stop_all EXIT
for name in "${names[@]}"; do ( "bench_$name" ); done
