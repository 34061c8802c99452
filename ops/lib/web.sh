# nginx and php-fpm of one instance, as our own processes with our own configuration.
# shellcheck shell=bash

# start_web PORT_OR_EMPTY: PORT is a wish that must be met; without it the last one or the next free one is taken.
start_web() {
  choose_web_port "$1"
  local key; key="$(app_key)-$WEB_PORT-$DATABASE-${TLS_HOST:-}"
  if is_built "$INSTANCE-web" "$key" && ours "$SOCKETS/fpm.pid" "$SOCKETS" >/dev/null && ours "$SOCKETS/nginx.pid" "$SOCKETS" >/dev/null; then start_worker; return 0; fi
  stop_web
  write_configuration
  step "warming the caches"
  warm_cache
  local as_root=()
  if [ "$(id -u)" = 0 ]; then as_root=(-R); fi
  "$FPM" -y "$SOCKETS/php-fpm.conf" "${as_root[@]}" -d pcov.enabled=0 \
    -d opcache.enable=1 -d opcache.memory_consumption=160 -d opcache.jit=1235 -d opcache.jit_buffer_size=48M \
    -d opcache.max_accelerated_files=20000 -d opcache.validate_timestamps=0 -d realpath_cache_ttl=600 \
    -d opcache.preload="$STATE/cache/fpm/Zumbo_App_KernelProdContainer.preload.php" -d opcache.preload_user="$WEB_USER" 9>&- || fail "php-fpm did not start; see $STATE/log/fpm.log"
  nginx -c "$SOCKETS/nginx.conf" -e "$STATE/log/nginx-error.log" 9>&- || fail "nginx did not start; see $STATE/log/nginx-error.log"
  wait_until 20 "http://127.0.0.1:$WEB_PORT/api/health to answer" web_answers || { tail -5 "$STATE"/log/*.log >&2; exit 1; }
  start_worker
  mark_built "$INSTANCE-web" "$key"
}
FPM="$(command -v php-fpm8.2 || echo /usr/sbin/php-fpm8.2)"

web_answers() {
  "$PHP" -r 'exit(@file_get_contents("http://127.0.0.1:'"$WEB_PORT"'/api/health") === false ? 1 : 0);'
}

choose_web_port() {
  local wish="$1" running=no
  ours "$SOCKETS/nginx.pid" "$SOCKETS" >/dev/null && running=yes
  if [ "$running" = yes ] && { [ -z "$wish" ] || [ "$wish" = "$WEB_PORT" ]; }; then return 0; fi
  if [ -n "$wish" ]; then
    port_is_free "$wish" || fail "port $wish is taken by another program; leave --port out and the next free one is used"
    WEB_PORT="$wish"
  elif [ -z "$WEB_PORT" ] || ! port_is_free "$WEB_PORT"; then
    WEB_PORT="$(first_free_port "$FIRST_WEB_PORT")"
  fi
  write_ports
}
FIRST_WEB_PORT=8080

warm_cache() {
  rm -rf "$STATE/cache"
  mkdir -p "$STATE/cache"
  console cache:warmup -q
  ZUMBO_CACHE_DIR="$STATE/cache/fpm" console cache:warmup -q
  chown -R "$WEB_USER" "$STATE/cache/fpm"
}

write_configuration() {
  WEB_USER="$(service_user www-data)"
  # nginx's own temporary files and both logs must be writable for the unprivileged workers.
  mkdir -p "$STATE/tmp" "$STATE/recordings"
  touch "$STATE/log/app.log"
  chown -R "$WEB_USER" "$STATE/log" "$STATE/tmp" "$STATE/recordings"
  ( umask 077; fill ops/templates/php-fpm.conf > "$SOCKETS/php-fpm.conf" )
  fill ops/templates/nginx.conf > "$SOCKETS/nginx.conf"
}

# fill TEMPLATE: replaces @NAME@ by the shell variable NAME.
fill() {
  local text name
  text="$(cat "$1")"
  local GROUP_LINES='' NGINX_USER='' NOW_LINE='' TLS_LINES='' TRUSTED_HOSTS='^127\.0\.0\.1$,^localhost$,^\[::1\]$'
  if [ -n "${TLS_HOST:-}" ]; then
    TLS_LINES="$(printf 'listen 0.0.0.0:%s ssl;\n        ssl_certificate "%s/tls/server.pem";\n        ssl_certificate_key "%s/tls/server.key";' "$TLS_PORT" "$STATE" "$STATE")"
    TRUSTED_HOSTS="$TRUSTED_HOSTS,^$(printf '%s' "$TLS_HOST" | sed 's/\./\\./g')\$"
  fi
  # php-fpm refuses an empty variable, so the line is there only with a value.
  if [ -n "${ZUMBO_NOW:-}" ]; then NOW_LINE="env[ZUMBO_NOW] = \"$ZUMBO_NOW\""; fi
  if [ "$(id -u)" = 0 ]; then
    NGINX_USER="user $WEB_USER;"
    GROUP_LINES="user = $WEB_USER"$'\n'"group = $(id -gn "$WEB_USER")"$'\n'"listen.owner = $WEB_USER"
  fi
  for name in ZUMBO_ROOT STATE SOCKETS WEB_PORT APP_ENV APP_SECRET DATABASE_URL NGINX_USER GROUP_LINES NOW_LINE TLS_LINES TRUSTED_HOSTS; do
    text="${text//"@$name@"/"${!name}"}"   # quoted: bash 5.2 gives & a meaning otherwise
  done
  printf '%s\n' "$text"
}

stop_web() {
  stop_worker
  end_process "$SOCKETS/nginx.pid" "$SOCKETS" nginx QUIT
  end_process "$SOCKETS/fpm.pid" "$SOCKETS" php-fpm TERM
}
