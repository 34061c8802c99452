# ./zumbo test [core|app|web|e2e]: everything, or one part. Own database, own ports: may run while the app runs.
# shellcheck shell=bash disable=SC1091
for part in base packages build instance mariadb web supervise left_over; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done

parts=(core app web e2e)
if [ $# -gt 0 ]; then
  case "$1" in
    core|app|web|e2e) parts=("$1") ;;
    *) usage_error "test: '$1' is unknown; accepted: core, app, web, e2e" ;;
  esac
  [ $# = 1 ] || usage_error "test takes one part at most"
fi

phpunit() { "$PHP" -d pcov.enabled=0 -d memory_limit=1G vendor/bin/phpunit --no-progress "$@"; }
phpstan() { "$PHP" -d memory_limit=2G vendor/bin/phpstan analyse --no-progress --no-interaction "$@"; }
in_web() { npm --prefix web run --silent "$1"; }

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

test_e2e() {
  start_test_database
  export APP_ENV=prod ZUMBO_NOW=2026-11-24T18:42:00Z
  renew_schema zumbo_e2e
  use_database zumbo_e2e
  run_logged e2e-migrate console doctrine:migrations:migrate -n --allow-no-migration
  run_logged e2e-demo console zumbo:demo --on 2026-11-24
  # The journey of a first gym begins where there is none but the demo.
  ZUMBO_FIRST_CODE="$(console zumbo:gym:code)"; export ZUMBO_FIRST_CODE
  FIRST_WEB_PORT=18080
  start_web ''
  step "e2e: Playwright through nginx, PHP and MariaDB"
  ZUMBO_URL="http://127.0.0.1:$WEB_PORT" in_web e2e
}

make_run_place
take_lock test 1500
ensure_runtime_packages
# shellcheck disable=SC2046
install_packages $(missing_test_packages)
( build_all dev )
use_instance test
stop_all() { stop_web; stop_database; stop_supervisor; }
trap stop_all EXIT
started=$SECONDS
for part in "${parts[@]}"; do ( "test_$part" ); done
say "all of: ${parts[*]} passed in $((SECONDS - started)) s"
