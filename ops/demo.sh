# ./zumbo demo [--on DATE]
# shellcheck shell=bash disable=SC1091
for part in base build instance mariadb web; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
make_run_place
use_instance app
ours "$SOCKETS/db.pid" "$SOCKETS" >/dev/null || fail "the database does not run; ./zumbo start first"
console zumbo:demo "$@"
