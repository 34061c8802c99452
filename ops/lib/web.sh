# nginx and php-fpm of one instance, as our own programs with our own configuration.
# shellcheck shell=bash

# start_web PORT_OR_EMPTY: PORT is a wish that must be met; without it the one this folder has, or at first the next free.
start_web() {
  choose_web_port "$1"
  local key; key="$(app_key)-$WEB_PORT-$DATABASE-${TLS_HOST:-}"
  if is_built "$INSTANCE-web" "$key" && web_runs; then return 0; fi
  WEB_USER="$(service_user www-data)"
  warm_cache "$key"
  own_folders
  write_configuration
  # What runs goes on until here: a cache that can't be warmed, or a wrong configuration, costs nobody their evening.
  "${ON_MACHINE[@]}" nginx -t -q -c "$SOCKETS/nginx.conf.new" -e stderr 2>"$STATE/log/nginx-test.log" || { tail -n 3 "$STATE/log/nginx-test.log" >&2; fail "nginx refuses its configuration"; }
  mv "$SOCKETS/nginx.conf.new" "$SOCKETS/nginx.conf"
  mv "$SOCKETS/php-fpm.conf.new" "$SOCKETS/php-fpm.conf"
  stop_web
  declare_web
  local name
  for name in "${PROGRAMS[@]}"; do case "$name" in db|copies) ;; *) run_program "$name" ;; esac; done
  wait_until 20 "http://127.0.0.1:$WEB_PORT/api/ready to answer" web_answers || { tail -n 5 "$STATE"/log/*/current >&2; exit 1; }
  wait_until 10 "all of it to run" web_runs || { show_instance >&2; exit 1; }
  run_copies
  forget_other_caches
  mark_built "$INSTANCE-web" "$key"
}

web_runs() {
  local name
  for name in "${PROGRAMS[@]}"; do case "$name" in db|copies) ;; *) program_runs "$name" || return 1 ;; esac; done
  web_answers
}

declare_web() {
  local as_root=() as=()
  if [ "$(id -u)" = 0 ]; then as_root=(-R); fi
  [ "$(id -un)" = "$WEB_USER" ] || as=(setpriv --reuid "$WEB_USER" --regid "$(id -gn "$WEB_USER")" --clear-groups)
  declare_program fpm "$SOCKETS/php-fpm.conf" no "$SOCKETS/fpm.sock $SOCKETS/compute.sock" "${ON_MACHINE[@]}" "$FPM" -F -y "$SOCKETS/php-fpm.conf" "${as_root[@]}" -d pcov.enabled=0 \
    -d opcache.enable=1 -d opcache.memory_consumption=160 -d opcache.jit=1235 -d opcache.jit_buffer_size=48M \
    -d opcache.max_accelerated_files=20000 -d opcache.validate_timestamps=0 -d realpath_cache_ttl=600 \
    -d opcache.preload="$WEB_CACHE/Zumbo_App_KernelProdContainer.preload.php" -d opcache.preload_user="$WEB_USER"
  local publish="$SOCKETS/private/publish.sock"
  if [ -n "${FRONT_ADDRESS:-}" ]; then
    declare_program hints "$SOCKETS/hints.conf" no "$publish $SOCKETS/private/listen.sock" "${ON_MACHINE[@]}" nginx -c "$SOCKETS/hints.conf" -e stderr
    publish_program hints
    publish=''
  fi
  declare_program nginx "$SOCKETS/nginx.conf" no "$publish" "${ON_MACHINE[@]}" nginx -c "$SOCKETS/nginx.conf" -e stderr
  declare_worker worker "${as[@]}" --
  declare_worker sensor "${as[@]}" -- --live
  local name
  for name in fpm nginx worker sensor; do publish_program "$name"; done
}

# declare_worker NAME [RUN AS…] -- [OPTION…]: does what takes long (imports, recordings), or what happens in real time.
declare_worker() {
  local name="$1" as=(); shift
  while [ "$1" != -- ]; do as+=("$1"); shift; done
  shift
  declare_program "$name" "zumbo.place=$SOCKETS/$name" no '' "${ON_MACHINE[@]}" "${as[@]}" "$PHP" -d pcov.enabled=0 -d memory_limit=256M \
    -d "zumbo.place=$SOCKETS/$name" bin/console zumbo:work "$@"
  printf 'before() { cd %q; }\nexport ZUMBO_CACHE_DIR=%q ZUMBO_LOG_DIR=%q ZUMBO_PUBLISH_SOCKET=%q APP_ENV=%q APP_DEBUG=0 APP_SECRET=%q DATABASE_URL=%q\n' \
    "$ZUMBO_ROOT" "$WEB_CACHE" "$STATE/log/app" "$SOCKETS/private/publish.sock" "$APP_ENV" "$APP_SECRET" "$DATABASE_URL" \
    >> "$(service "$name")/program.new"
  [ -z "${FRONT_ADDRESS:-}" ] || printf 'export ZUMBO_CLUSTER_MEMBER=1 ZUMBO_READ_URL=%q\n' "$ZUMBO_READ_URL" >> "$(service "$name")/program.new"
  [ -z "${ZUMBO_NOW:-}" ] || printf 'export ZUMBO_NOW=%q\n' "$ZUMBO_NOW" >> "$(service "$name")/program.new"
}

FPM="$(command -v php-fpm8.2 || echo /usr/sbin/php-fpm8.2)"

web_answers() {
  "$PHP" -r 'exit(@file_get_contents("http://'"$WEB_LISTEN"':'"$WEB_PORT"'/api/ready") === false ? 1 : 0);'
}

# The port is part of the address under which phones have installed the app and keep what waits: it never changes by itself.
choose_web_port() {
  local wish="$1"
  # A machine of a cluster has an address of its own, and the port of the front.
  [ "$WEB_LISTEN" = 127.0.0.1 ] || return 0
  if [ -n "$wish" ] && [ "$wish" != "$WEB_PORT" ]; then
    port_is_free "$wish" || fail "port $wish is taken by another program; leave --port out and the next free one is used"
    WEB_PORT="$wish"
  elif [ -z "$WEB_PORT" ]; then
    WEB_PORT="$(reserve_port "$FIRST_WEB_PORT")"
  elif ! program_runs nginx && ! port_is_free "$WEB_PORT" && [ -z "$(masters "$SOCKETS/nginx.conf")$(noted_group "$(service nginx)/group")" ]; then
    fail "port $WEB_PORT, under which this folder's app is known, is taken by another program; end that one, or choose a new address with --port N"
  fi
  write_ports
}
FIRST_WEB_PORT=8080
WEB_LISTEN=127.0.0.1
# On a machine of a cluster what it is started with (lib/cluster.sh); else nothing.
ON_MACHINE=()

# A cache of its own for each state of the app: what runs keeps the one it was started with.
warm_cache() {
  WEB_CACHE="$STATE/cache/web-$(printf '%s' "$1" | sha256sum | cut -c1-12)"
  [ ! -e "$WEB_CACHE/.warm" ] || return 0
  step "warming the caches"
  rm -rf "$STATE/cache/cli" "$WEB_CACHE"
  mkdir -p "$STATE/cache"
  console cache:warmup -q
  # Where it logs is written into the cache.
  ZUMBO_CACHE_DIR="$WEB_CACHE" ZUMBO_LOG_DIR="$STATE/log/app" console cache:warmup -q
  touch "$WEB_CACHE/.warm"
  chown -R "$WEB_USER" "$WEB_CACHE"
}
forget_other_caches() {
  local one
  for one in "$STATE"/cache/*; do
    case "$one" in "$WEB_CACHE"|"$STATE/cache/cli") ;; *) rm -rf "$one" ;; esac
  done
}

own_folders() {
  # nginx's own temporary files and the app's log must be writable for the unprivileged workers, and closed to
  # everybody else on this machine.
  local folders=("$STATE/tmp" "$STATE/log/app" "$SOCKETS/private")
  mkdir -p "${folders[@]}"
  chown -R "$WEB_USER" "${folders[@]}"
  chmod 0700 "${folders[@]}"
}

write_configuration() {
  [ -z "${FRONT_ADDRESS:-}" ] || fill ops/templates/hints.conf > "$SOCKETS/hints.conf"
  ( umask 077; fill ops/templates/php-fpm.conf > "$SOCKETS/php-fpm.conf.new" )
  fill ops/templates/nginx.conf > "$SOCKETS/nginx.conf.new"
}

# fill TEMPLATE: replaces @NAME@ by the shell variable NAME.
fill() {
  local text name
  text="$(cat "$1")"
  local GROUP_LINES='' NGINX_USER='' NOW_LINE='' TLS_LINES='' FRONT_LINES='' HINT_UPSTREAM='' HINT_PASS='' MEMBER_LINE='' TRUSTED_HOSTS='^127\.0\.0\.1$,^localhost$,^\[::1\]$'
  if [ -n "${TLS_HOST:-}" ]; then
    TLS_LINES="$(printf 'listen 0.0.0.0:%s ssl;\n        ssl_certificate "%s/tls/server.pem";\n        ssl_certificate_key "%s/tls/server.key";' "$TLS_PORT" "$STATE" "$STATE")"
    TRUSTED_HOSTS="$TRUSTED_HOSTS,^$(printf '%s' "$TLS_HOST" | sed 's/\./\\./g')\$"
  fi
  local HINT_SERVER HINT_LISTEN; HINT_SERVER="$(cat ops/templates/hint-server.conf)"; HINT_LISTEN="$(cat ops/templates/hint-listen.conf)"
  # On a machine of a cluster hints go over Redis, in a server of their own (hints.conf), and who asks is told by the front.
  if [ -n "${FRONT_ADDRESS:-}" ]; then
    HINT_UPSTREAM="upstream hints { nchan_redis_server redis://$FRONT_ADDRESS:$REDIS_PORT; }"
    HINT_PASS='nchan_redis_pass hints;'
    if [ "$1" != ops/templates/hints.conf ]; then
      HINT_UPSTREAM='' HINT_SERVER=''
      HINT_LISTEN="proxy_pass \"http://unix:$SOCKETS/private/listen.sock\"; proxy_http_version 1.1; proxy_set_header Connection ''; proxy_buffering off; proxy_read_timeout 150s;"
    fi
    MEMBER_LINE='env[ZUMBO_CLUSTER_MEMBER] = "1"'$'\n'"env[ZUMBO_READ_URL] = \"$ZUMBO_READ_URL\""
    TRUSTED_HOSTS="$TRUSTED_HOSTS,^$(printf '%s' "$MACHINE_ADDRESS" | sed 's/\./\\./g')\$"
    FRONT_LINES="set_real_ip_from $FRONT_ADDRESS; real_ip_header X-Forwarded-For;"
  fi
  # php-fpm refuses an empty variable, so the line is there only with a value.
  if [ -n "${ZUMBO_NOW:-}" ]; then NOW_LINE="env[ZUMBO_NOW] = \"$ZUMBO_NOW\""; fi
  if [ "$(id -u)" = 0 ]; then
    NGINX_USER="user $WEB_USER;"
    GROUP_LINES="user = $WEB_USER"$'\n'"group = $(id -gn "$WEB_USER")"$'\n'"listen.owner = $WEB_USER"
  fi
  for name in HINT_SERVER HINT_LISTEN ZUMBO_ROOT STATE SOCKETS WEB_CACHE WEB_PORT APP_ENV APP_SECRET DATABASE_URL NGINX_USER GROUP_LINES NOW_LINE TLS_LINES TRUSTED_HOSTS WEB_LISTEN FRONT_LINES HINT_UPSTREAM HINT_PASS MEMBER_LINE; do
    text="${text//"@$name@"/"${!name}"}"   # quoted: bash 5.2 gives & a meaning otherwise
  done
  printf '%s\n' "$text"
}

stop_web() { stop_programs 1 worker sensor nginx hints fpm; }
