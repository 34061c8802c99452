# Run by runit when the program has ended: nothing of its group goes on without it.
# shellcheck shell=bash disable=SC1091
exec 2>&1
. ./program
. "$ZUMBO_ROOT/ops/lib/left_over.sh"
printf '%s ended: %s\n' "${NAME:?}" "$*"
end_group "$PWD/group" KILL
