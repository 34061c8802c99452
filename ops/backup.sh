# ./zumbo backup FILE | --daily N
# shellcheck shell=bash disable=SC1091
case " $* " in *" --cluster "*) exec bash "$ZUMBO_ROOT/ops/cluster.sh" backup "$@" ;; esac
for part in base packages build instance mariadb web supervise left_over backup; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done

file=''; days=''
case "${1:-}" in
  --daily) days="${2:-}"; [[ "$days" =~ ^[0-9]{1,3}$ ]] || usage_error "backup: --daily '$days': how many daily copies are kept, 0 for none" ;;
  ''|-*) usage_error "backup: '${1:-}' is unknown; accepted: FILE, --daily N" ;;
  *) file="$(realpath -m "$1")" ;;
esac
make_run_place
take_lock app 120
use_instance app
database_answers || fail "the database does not run; ./zumbo start first"
if [ -n "$days" ]; then
  if [ "$days" = 0 ]; then
    stop_programs 5 copies
    rm -f "$STATE/daily"
    say "no daily copies any more; those that are there stay in $STATE/copies"
  else
    echo "$days" > "$STATE/daily"
    start_supervisor
    run_copies
    say "a copy a day at half past three, the last $days are kept in $STATE/copies; take them to another machine, too"
  fi
else
  write_backup "$file"
  say "backup written: $file ($(stat -c %s "$file") bytes). It holds names, health notes and the app's secret: keep it safe."
fi
