# ./zumbo coach new|password|reset|role|remove …: who may sign in.
# shellcheck shell=bash disable=SC1091
. "$ZUMBO_ROOT/ops/lib/people.sh"
if [ "${1:-}" = reset ]; then
  shift
  make_run_place
  use_instance app
  set -- reset --address "http://127.0.0.1:$WEB_PORT" "$@"
fi
people coach 'new password reset role remove' "$@"
