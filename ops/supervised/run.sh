# Run by runit in a process group of its own: ends what an earlier run of this program has left, waits after quick falls,
# and becomes the program. Its folder says which: NAME, MARK (only our own master has it on its command line), CLEAR
# (sockets it binds), GENTLE (it is asked to end and waited for), COMMAND, and perhaps a function `before`.
# shellcheck shell=bash disable=SC1091,SC2154
exec 2>&1
. ./program
. "$ZUMBO_ROOT/ops/lib/left_over.sh"

here="$PWD"
end_left_over "$NAME" "$MARK" "$here/group" "$GENTLE"
rest_after_quick_falls "$here/falls"
[ "${#CLEAR[@]}" = 0 ] || rm -f "${CLEAR[@]}"
if declare -F before >/dev/null; then before; fi
note_group "$here/group" "$$"
exec "${COMMAND[@]}"
