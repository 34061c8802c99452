# Composer, npm, Vite and the container caches: each rebuilt only when what it is made of has changed.
# shellcheck shell=bash

SYMFONY_VERSION=7.4.23
PHP="$(command -v php8.2 || echo php)"

# build_vendor [dev]: exactly the packages of packages.lst; with 'dev' those that only tests need, too.
build_vendor() {
  local with="${1:-}" key options=(--no-dev)
  key="$(content_key composer.json packages.lst)-$SYMFONY_VERSION"
  fetch_symfony_parts
  [ -f vendor/autoload.php ] || rm -f "$VAR/build/vendor" "$VAR/build/vendor-dev"
  if is_built vendor-dev "$key"; then return 0; fi
  if [ "$with" != dev ] && is_built vendor "$key"; then return 0; fi
  if [ "$with" = dev ]; then options=(); fi
  step "installing PHP packages${with:+ and what the tests need}"
  # shellcheck disable=SC2046
  run_logged composer composer update -n --no-progress --no-scripts "${options[@]}" $(pinned_packages)
  chmod -R a+rX vendor
  check_packages "$with" || fail "the PHP packages installed are not those of packages.lst; ./zumbo packages --renew writes down what can be had now"
  rm -f "$VAR/build/vendor" "$VAR/build/vendor-dev"
  mark_built "vendor${with:+-$with}" "$key"
}

fetch_symfony_parts() {
  [ ! -d var/symfony-parts/src ] || return 0
  step "fetching four Symfony parts that this Packagist copy lacks (docs/decisions/0001)"
  run_logged composer-parts composer create-project -n -q --no-install --no-scripts "symfony/symfony:$SYMFONY_VERSION" var/symfony-parts
}

# A lock file would name hosts, so every version stands in a plain list that Composer is told of one by one.
pinned_packages() { awk '{ printf "--with %s:%s ", $1, $2 }' packages.lst; }

# check_packages [dev]: 0 when what is installed is what packages.lst says, else the differences (< wanted, > installed).
check_packages() {
  local wanted; wanted="$(if [ "${1:-}" = dev ]; then cat packages.lst; else grep -v ' dev$' packages.lst; fi)"
  diff <(printf '%s\n' "$wanted") <(installed_packages) >&2
}
installed_packages() { "$PHP" ops/lib/installed-packages.php; }

build_node_modules() {
  local key
  key="$(content_key web/package.json web/package-lock.json)"
  if is_built node_modules "$key" && [ -d web/node_modules ]; then return 0; fi
  step "installing front-end packages (about a minute)"
  run_logged npm npm --prefix web ci --no-audit --no-fund
  mark_built node_modules "$key"
}

build_web() {
  local key
  key="$(content_key docs/coach web/src web/public web/index.html web/vite.config.ts web/vite.sw.config.ts web/package-lock.json)"
  if is_built web "$key" && [ -f public/build/index.html ]; then return 0; fi
  step "building the front end"
  run_logged vite npm --prefix web run --silent build
  # shellcheck disable=SC2016  # the inner shell expands it
  find public/build -type f \( -name '*.js' -o -name '*.css' -o -name '*.html' -o -name '*.svg' \) -size +1k -print0 \
    | xargs -0 -r -I{} sh -c 'gzip -kf9 "$1" && brotli -kfq 9 "$1"' _ {}
  chmod -R a+rX public/build
  mark_built web "$key"
}

# What the PHP side of the app is made of: when it changes, caches are rebuilt and php-fpm restarts.
app_key() { content_key src core/src config migrations public/index.php composer.json ops; }

# build_all [dev]
build_all() {
  ( take_lock build 900; build_vendor "${1:-}"; build_node_modules; build_web )
}

# run_logged NAME COMMAND…: quiet when it works, the end of its log when it does not.
run_logged() {
  local log="$VAR/build/$1.log"; shift
  "$@" >"$log" 2>&1 </dev/null || { tail -25 "$log" >&2; fail "'$1' failed; the whole log is $log"; }
}
