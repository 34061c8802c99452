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

# take_lock NAME SECONDS: held until this shell ends. Daemons must be started with 9>&- or they would keep it.
take_lock() {
  local file="$RUN/$1.lock"
  exec 9>"$file"
  flock -w "$2" 9 || fail "another './zumbo' is busy with '$1' (waited $2 s); try again when it has ended"
}

# ours PIDFILE MARK: prints the pid if that process lives and its command line carries MARK (a path only ours has).
ours() {
  local pid
  pid="$(cat "$1" 2>/dev/null)" || return 1
  [[ "$pid" =~ ^[0-9]+$ ]] || return 1
  { tr '\0' ' ' < "/proc/$pid/cmdline" | grep -qF -- "$2"; } 2>/dev/null || return 1
  echo "$pid"
}

# end_process PIDFILE MARK NAME SIGNAL: asks it to end and waits for that.
end_process() {
  local pid
  pid="$(ours "$1" "$2")" || { rm -f "$1"; return 0; }
  kill -s "$4" "$pid" 2>/dev/null || true
  wait_until 30 "$3 to end" process_gone "$pid" || fail "$3 (pid $pid) did not end"
  rm -f "$1"
}
process_gone() { ! kill -0 "$1" 2>/dev/null; }

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# first_free_port FROM: the first of a hundred ports nobody listens on.
first_free_port() {
  local port
  for port in $(seq "$1" $(($1 + 99))); do
    if port_is_free "$port"; then echo "$port"; return 0; fi
  done
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
