# ./zumbo demo [--on DATE]
# shellcheck shell=bash disable=SC1091
for part in base build instance mariadb web supervise left_over; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
make_run_place
use_instance app
database_answers >/dev/null 2>&1 || fail "the database does not run; ./zumbo start first"
console zumbo:demo "$@"
