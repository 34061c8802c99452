# ./zumbo restore FILE [--yes]
# shellcheck shell=bash disable=SC1091
case " $* " in *" --cluster "*) exec bash "$ZUMBO_ROOT/ops/cluster.sh" restore "$@" ;; esac
for part in base packages build instance mariadb web supervise left_over backup; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done

file=''; yes=no
for word in "$@"; do
  case "$word" in
    --yes) yes=yes ;;
    -*) usage_error "restore: '$word' is unknown; accepted: FILE, --yes" ;;
    *) file="$(realpath -m "$word")" ;;
  esac
done
[ -n "$file" ] || usage_error "restore: which file?"
make_run_place
take_lock app 120
use_instance app
database_answers || fail "the database does not run; ./zumbo start first"
restore_from "$file" "$yes" stop_web "start_web ''"
