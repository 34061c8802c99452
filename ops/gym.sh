# ./zumbo gym new|list|rename|remove|code …: the gyms of this machine.
# shellcheck shell=bash disable=SC1091
. "$ZUMBO_ROOT/ops/lib/people.sh"
people gym 'new list rename remove code' "$@"
