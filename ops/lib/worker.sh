# The small processes beside the web server: one that does what takes long (imports, recordings), one for what happens in real time.
# shellcheck shell=bash

# The place is told on its command line, so that only our own process is ever signalled.
start_worker() {
  run_worker worker
  run_worker sensor --live
}

# run_worker NAME [OPTION]
run_worker() {
  local name="$1"; shift
  if ours "$SOCKETS/$name.pid" "$SOCKETS" >/dev/null; then return 0; fi
  local as=()
  WEB_USER="$(service_user www-data)"
  [ "$(id -un)" = "$WEB_USER" ] || as=(setpriv --reuid "$WEB_USER" --regid "$(id -gn "$WEB_USER")" --clear-groups)
  touch "$STATE/log/$name.log"
  chown "$WEB_USER" "$STATE/log/$name.log"
  ZUMBO_CACHE_DIR="$STATE/cache/fpm" ZUMBO_RECORDINGS="$STATE/recordings" ZUMBO_PUBLISH_SOCKET="$SOCKETS/publish.sock" setsid "${as[@]}" \
    "$PHP" -d pcov.enabled=0 -d memory_limit=256M -d "zumbo.place=$SOCKETS" bin/console zumbo:work "$@" >> "$STATE/log/$name.log" 2>&1 9>&- < /dev/null &
  echo $! > "$SOCKETS/$name.pid"
  wait_until 5 "the $name worker to run" ours "$SOCKETS/$name.pid" "$SOCKETS" || { tail -5 "$STATE/log/$name.log" >&2; exit 1; }
}

stop_worker() {
  end_process "$SOCKETS/worker.pid" "$SOCKETS" worker TERM
  end_process "$SOCKETS/sensor.pid" "$SOCKETS" 'sensor worker' TERM
}
