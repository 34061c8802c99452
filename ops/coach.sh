# ./zumbo coach new|password|role|remove …: who may sign in. A password is typed, or one line that is piped in; never an argument.
# shellcheck shell=bash disable=SC1091
for part in base build instance mariadb; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
case "${1:-}" in
  new|password|role|remove) ;;
  *) usage_error "coach: '${1:-}' is unknown; accepted: new, password, role, remove, each with --help" ;;
esac
make_run_place
use_instance app
case " $* " in *" --help "*) ;; *) database_answers || fail "the database does not run; ./zumbo start first" ;; esac
verb="$1"; shift
console "zumbo:coach:$verb" "$@"
