# ./zumbo gym new|list|rename|remove …: the gyms of this machine. `./zumbo gym new --help` says what each wants.
# shellcheck shell=bash disable=SC1091
for part in base build instance mariadb; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
case "${1:-}" in
  new|list|rename|remove) ;;
  *) usage_error "gym: '${1:-}' is unknown; accepted: new, list, rename, remove, each with --help" ;;
esac
make_run_place
use_instance app
case " $* " in *" --help "*) ;; *) database_answers || fail "the database does not run; ./zumbo start first" ;; esac
verb="$1"; shift
console "zumbo:gym:$verb" "$@"
