# ./zumbo restore FILE [--yes]
# shellcheck shell=bash disable=SC1091
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
open_backup "$file"
made="$(manifest made)"
if [ "$yes" = no ]; then
  [ -t 0 ] || fail "restore replaces everything that is kept here by the backup of $made; nothing was changed. Say so with --yes"
  printf 'Replace everything that is kept here by the backup of %s? Type yes: ' "$made"
  read -r answer
  [ "$answer" = yes ] || fail "nothing was changed"
fi
from="$PARTS"
former="$(copies)/before-restore-$(date -u +%Y%m%dT%H%M%SZ).tar"
( write_backup "$former" )
step "what was here lies in $former"
listed="$(date -u -r "$(copies)/erased" +%FT%TZ)"
sort -u "$(copies)/erased" "$PARTS/erased" > "$(copies)/erased.new" && mv "$(copies)/erased.new" "$(copies)/erased"
stop_web
if ! load_parts; then
  rm -rf "$from"; open_backup "$former"; load_parts
  start_web ''
  fail "the backup could not be read in; everything is as it was before"
fi
migrate_or_go_back
take_in_recordings
# What was answered before is of another state.
rm -rf "$STATE"/cache/*/pools/app
run_logged erase-again console zumbo:erase-again "$(copies)/erased"
start_web ''
say "restored: the state of $made, without whoever was erased until $listed; erasures after that are not known here"
