# ./zumbo demo [--on DATE] [--yes]
# shellcheck shell=bash disable=SC1091
for part in base build instance mariadb web supervise left_over demo; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
yes=no; words=()
for word in "$@"; do
  if [ "$word" = --yes ]; then yes=yes; else words+=("$word"); fi
done
make_run_place
use_instance app
database_answers || fail "the database does not run; ./zumbo start first"
if [ "$yes" = no ] && demo_was_changed; then
  [ -t 0 ] || fail "something in the demo gym was changed by hand; nothing was loaded. Throw it away with --yes"
  printf 'Something in the demo gym was changed by hand. Throw it away? Type yes: '
  read -r answer
  [ "$answer" = yes ] || fail "nothing was loaded"
fi
console zumbo:demo "${words[@]}"
