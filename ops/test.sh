# ./zumbo test [core|app|web|e2e|cluster]: everything, or one part; of `cluster` everything has a short one. Own database, own ports: may run while the app runs.
# shellcheck shell=bash disable=SC1091
for part in base packages build instance mariadb web supervise left_over beside; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done

parts=(core app web e2e)
if [ "${1:-}" = cluster ]; then shift; exec bash "$ZUMBO_ROOT/ops/cluster-test.sh" "$@"; fi
if [ $# -gt 0 ]; then
  case "$1" in
    core|app|web|e2e) parts=("$1") ;;
    *) usage_error "test: '$1' is unknown; accepted: core, app, web, e2e, cluster" ;;
  esac
  [ $# = 1 ] || usage_error "test takes one part at most"
fi

phpunit() { "$PHP" -d pcov.enabled=0 -d memory_limit=1G vendor/bin/phpunit --no-progress "$@"; }
phpstan() { "$PHP" -d memory_limit=2G vendor/bin/phpstan analyse --no-progress --no-interaction "$@"; }
in_web() { npm --prefix web run --silent "$@"; }

test_core() {
  step "core: PHPUnit"
  phpunit --testsuite core
}

# The rows of a test need not survive the machine: they wait for no disk. The app's own database does (ops/lib/mariadb.sh).
start_test_database() {
  start_database
  database_sql <<<"SET GLOBAL innodb_flush_log_at_trx_commit = 2"
}

test_app() {
  start_test_database
  export APP_ENV=test
  # Empty: what thousands of earlier gyms left would be looked through by every chore.
  renew_schema zumbo_test
  use_database zumbo_test
  # A container of an earlier version would name classes that have moved.
  rm -rf "$ZUMBO_CACHE_DIR"
  run_logged test-migrate console doctrine:migrations:migrate -n --allow-no-migration
  # What reads the code alone comes first: it says no in seconds, the suite in minutes.
  step "app: PHPStan"
  console cache:warmup -q
  phpstan
  phpstan -c phpstan.tests.neon
  step "app: shell scripts"
  shellcheck zumbo .ci/run ops/*.sh ops/lib/*.sh
  step "app: code style"
  "$PHP" vendor/bin/php-cs-fixer check --quiet || { "$PHP" vendor/bin/php-cs-fixer check --diff; exit 1; }
  step "app: PHPUnit on MariaDB"
  phpunit --testsuite app
}

test_web() {
  step "web: types, lint, arrows, format"
  in_web check
  step "web: unit tests"
  in_web test
}

# Half of the journeys, with a database, a gym and a web server of their own: neither lane sees what the other one writes.
e2e_lane() {
  local number="$1"
  use_instance "$2"
  FIRST_WEB_PORT="$3"
  start_test_database
  export APP_ENV=prod ZUMBO_NOW=2026-11-24T18:42:00Z
  renew_schema zumbo_e2e
  use_database zumbo_e2e
  run_logged e2e-migrate console doctrine:migrations:migrate -n --allow-no-migration
  run_logged e2e-demo console zumbo:demo --on 2026-11-24
  # The journey of a first gym begins where there is none but the demo.
  ZUMBO_FIRST_CODE="$(console zumbo:gym:code)"; export ZUMBO_FIRST_CODE
  start_web ''
  ZUMBO_URL="http://127.0.0.1:$WEB_PORT" in_web e2e -- "--shard=$number/2" "--output=test-results/$number"
}

test_e2e() {
  step "e2e: Playwright through nginx, PHP and MariaDB, in two lanes"
  beside lane e2e_lane 2 lane 18180
  e2e_lane 1 test 18080
  join_beside
}

test_php() {
  local part
  for part in core app; do if wanted "$part"; then "test_$part"; fi; done
}

# A class goes on though one of three databases falls. All the machines at once and for longer: ./zumbo test cluster.
test_fall() {
  step "cluster: one database falls"
  ZUMBO_BUILD=dev bash "$ZUMBO_ROOT/ops/cluster-test.sh" --seconds 20 --falls db-kill
}

# The front end's checks need no database: they run beside those of the core and the app.
test_code() {
  if wanted web; then beside web test_web; fi
  test_php
  if wanted web; then join_beside; fi
}

wanted() { [[ " ${parts[*]} " == *" $1 "* ]]; }

make_run_place
take_lock test 1500
ensure_runtime_packages
# shellcheck disable=SC2046
install_packages $(missing_test_packages)
( build_all dev )
use_instance test
stop_lanes() {
  local lane
  for lane in test lane; do
    [ -d "$VAR/$lane" ] || continue
    use_instance "$lane"
    stop_web; stop_database; stop_supervisor
  done
}
trap stop_lanes EXIT
started=$SECONDS
( trap end_beside EXIT; test_code )
if wanted e2e; then ( trap end_beside EXIT; test_e2e ); fi
if [ "${#parts[@]}" = 4 ]; then ( test_fall ); fi
say "all of: ${parts[*]} passed in $((SECONDS - started)) s"
