# Two cores, two lanes: one command runs beside the rest, and is waited for before the next part begins.
# shellcheck shell=bash

BESIDE=''
BESIDE_LOG=''

# beside NAME COMMAND…: starts it as a group of its own; its words wait in a file, so that two lanes don't mix theirs.
beside() {
  mkdir -p "$STATE/log"
  BESIDE_LOG="$STATE/log/beside-$1.log"
  shift
  set -m
  ( set -e; "$@" ) > "$BESIDE_LOG" 2>&1 < /dev/null &
  BESIDE=$!
  set +m
}

# join_beside: what it said, whole; ends as it has ended.
join_beside() {
  local code=0
  wait "$BESIDE" || code=$?
  BESIDE=''
  cat "$BESIDE_LOG"
  return "$code"
}

# end_beside: for a lane that fails; the other one has nothing left to tell.
end_beside() {
  [ -n "$BESIDE" ] || return 0
  kill -TERM -- "-$BESIDE" 2>/dev/null || true
  wait "$BESIDE" 2>/dev/null || true
  BESIDE=''
}
