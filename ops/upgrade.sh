# ./zumbo upgrade: after a newer version was fetched into this folder. As start, which copies everything before it changes the
# schema, and goes back to the copy when that fails.
# shellcheck shell=bash disable=SC1091
[ $# = 0 ] || { . "$ZUMBO_ROOT/ops/lib/base.sh"; usage_error "upgrade takes no argument"; }
exec bash "$ZUMBO_ROOT/ops/start.sh"
