# Debian packages and the Node.js that the front end is built with.
# shellcheck shell=bash

# What the app needs, each with the probe that tells whether it is there.
NODE_WANTED=20.19

missing_packages() {
  local php_modules=""
  have php8.2 && php_modules="$(php8.2 -m 2>/dev/null)"
  have php8.2 || echo php8.2-cli
  have_file /usr/sbin/php-fpm8.2 || echo php8.2-fpm
  local pair
  for pair in pdo_mysql:mysql curl:curl xml:xml mbstring:mbstring intl:intl apcu:apcu zip:zip 'Zend OPcache:opcache'; do
    grep -qix "${pair%%:*}" <<<"$php_modules" || echo "php8.2-${pair##*:}"
  done
  have_file /usr/sbin/mariadbd || echo mariadb-server
  have_file /usr/sbin/nginx || echo nginx
  have_file /usr/lib/nginx/modules/ngx_http_brotli_static_module.so || echo libnginx-mod-http-brotli-static
  have_file /usr/lib/nginx/modules/ngx_nchan_module.so || echo libnginx-mod-nchan
  have composer || echo composer
  have node || echo nodejs
  have npm || echo npm
  have unzip || echo unzip
  have brotli || echo brotli
  have openssl || echo openssl
  have runsvdir || echo runit
  have pgrep || echo procps
}
missing_test_packages() {
  have chromium || echo chromium
  have shellcheck || echo shellcheck
  have systemd-analyze || echo systemd
  have curl || echo curl
}
missing_bench_packages() {
  /usr/bin/python3 -c 'import scipy' 2>/dev/null || echo python3-scipy
  have aubioonset || echo aubio-tools
}

have() { command -v "$1" >/dev/null 2>&1; }
have_file() { [ -e "$1" ]; }

install_packages() {
  [ $# -gt 0 ] || return 0
  local words=(apt-get install -y --no-install-recommends "$@")
  if [ "$(id -u)" != 0 ] && ! sudo -n true 2>/dev/null; then
    fail "these Debian packages are missing and need root; run once:
  sudo apt-get update && sudo ${words[*]}"
  fi
  step "installing Debian packages: $*"
  local log="$VAR/build/apt.log"
  # The packages' own services are not wanted: this folder runs its own, so nothing may start by itself.
  local policy=/usr/sbin/policy-rc.d made=no
  if [ ! -e "$policy" ]; then printf '#!/bin/sh\nexit 101\n' | as_root tee "$policy" >/dev/null; as_root chmod +x "$policy"; made=yes; fi
  local ok=yes
  { as_root apt-get update -q && as_root env DEBIAN_FRONTEND=noninteractive "${words[@]}"; } >"$log" 2>&1 </dev/null || ok=no
  [ "$made" = no ] || as_root rm -f "$policy"
  [ "$ok" = yes ] || { tail -n 5 "$log" >&2; fail "apt-get could not install them; the whole log is $log"; }
}

# Vite wants Node 20.19 or later. Debian 12 has 18: then a newer one is taken from the npm registry, into var/.
ensure_node() {
  local own
  own="$VAR/node/node_modules/node-linux-$(node_arch)/bin"
  [ -x "$own/node" ] && PATH="$own:$PATH"
  if ! node_is_new_enough; then
    step "fetching Node.js 22 (the one installed is $(node --version))"
    npm install --silent --no-save --prefix "$VAR/node" "node-linux-$(node_arch)@22" >"$VAR/build/node.log" 2>&1 \
      || { tail -n 5 "$VAR/build/node.log" >&2; fail "could not fetch Node.js; install version $NODE_WANTED or later by hand"; }
    PATH="$own:$PATH"
  fi
  export PATH
}
node_arch() { case "$(uname -m)" in aarch64) echo arm64 ;; *) echo x64 ;; esac; }
node_is_new_enough() {
  local have_version
  have_version="$(node --version 2>/dev/null | tr -d v)" || return 1
  [ -n "$have_version" ] && printf '%s\n%s\n' "$NODE_WANTED" "$have_version" | sort -V -C
}

ensure_runtime_packages() {
  # shellcheck disable=SC2046
  install_packages $(missing_packages)
  ensure_node
}
