# Sourced by every verb: places, messages, waiting, locks. Nothing here starts or installs anything.
# shellcheck shell=bash
set -euo pipefail

: "${ZUMBO_ROOT:?run this through ./zumbo}"
cd "$ZUMBO_ROOT"

VAR="$ZUMBO_ROOT/var"
FOLDER_ID="$(printf '%s' "$ZUMBO_ROOT" | sha256sum | cut -c1-8)"

# Unix sockets allow 107 bytes of path, so they live in a short place outside the clone.
short_place() {
  if [ "$(id -u)" = 0 ]; then echo "/run/zumbo-$FOLDER_ID"
  elif [ -n "${XDG_RUNTIME_DIR:-}" ] && [ -w "${XDG_RUNTIME_DIR:-}" ]; then echo "$XDG_RUNTIME_DIR/zumbo-$FOLDER_ID"
  else echo "/tmp/zumbo-$(id -u)-$FOLDER_ID"; fi
}
RUN="$(short_place)"

say() { printf '%s\n' "$*"; }
step() { printf '· %s\n' "$*"; }
fail() { printf 'zumbo: %s\n' "$*" >&2; exit 1; }
usage_error() { printf 'zumbo: %s\n' "$*" >&2; exit 2; }

# A name in /tmp could be somebody else's: only a folder that is ours, and that others can't write to, is used.
make_run_place() {
  mkdir -p "$VAR/build"
  [ -d "$RUN" ] || mkdir -m 0711 "$RUN"
  [ "$(stat -c %u "$RUN")" = "$(id -u)" ] || fail "$RUN belongs to another user; remove it or set XDG_RUNTIME_DIR"
  chmod 0711 "$RUN"
}

# wait_until SECONDS "what is awaited" COMMAND…
wait_until() {
  local limit="$1" what="$2"; shift 2
  local tries=$((limit * 10))
  while ! "$@" >/dev/null 2>&1; do
    tries=$((tries - 1))
    [ "$tries" -gt 0 ] || { printf 'zumbo: waited %s s for %s, in vain\n' "$limit" "$what" >&2; return 1; }
    sleep 0.1
  done
}

# take_lock NAME SECONDS: held until this shell ends. The supervisor must be started with 9>&- or it would keep it.
take_lock() {
  local file="$RUN/$1.lock"
  exec 9>"$file"
  flock -w "$2" 9 || fail "another './zumbo' is busy with '$1' (waited $2 s); try again when it has ended"
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# reserve_port FROM: the first of a hundred ports nobody listens on and no other folder has; it is this folder's from then
# on. Several folders may start at once, so it is chosen under a lock of the whole machine.
reserve_port() {
  local list port taken
  list="${ZUMBO_PORTS:-/tmp/zumbo-ports-$(id -u)}"
  ( umask 077; : >> "$list" )
  [ "$(stat -c %u "$list")" = "$(id -u)" ] || fail "$list belongs to another user; remove it or set ZUMBO_PORTS"
  exec 8<"$list"
  flock -w 20 8 || fail "another './zumbo' is choosing a port (waited 20 s)"
  for port in $(seq "$1" $(($1 + 99))); do
    taken="$(awk -v port="$port" '$1 == port { sub(/^[0-9]+ /, ""); print }' "$list" | tail -1)"
    if { [ -z "$taken" ] || [ "$taken" = "$ZUMBO_ROOT" ] || [ ! -e "$taken" ]; } && port_is_free "$port"; then
      printf '%s %s\n' "$port" "$ZUMBO_ROOT" >> "$list"
      exec 8<&-
      echo "$port"
      return 0
    fi
  done
  exec 8<&-
  fail "no free port between $1 and $(($1 + 99))"
}

# content_key PATH…: one hash over names and contents, so that only what changed is rebuilt.
content_key() {
  find "$@" -type f -print0 2>/dev/null | LC_ALL=C sort -z | xargs -0 -r sha256sum | sha256sum | cut -d' ' -f1
}
is_built() { [ "$(cat "$VAR/build/$1" 2>/dev/null)" = "$2" ]; }
mark_built() { printf '%s' "$2" > "$VAR/build/$1"; }

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"; else sudo -n "$@"; fi
}
