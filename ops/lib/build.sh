# Composer, npm, Vite and the container caches: each rebuilt only when what it is made of has changed.
# shellcheck shell=bash

SYMFONY_VERSION=7.4.23
PHP="$(command -v php8.2 || echo php)"

build_vendor() {
  local key
  key="$(content_key composer.json)-$SYMFONY_VERSION"
  if [ ! -d var/symfony-parts/src ]; then
    step "fetching four Symfony parts that this Packagist copy lacks (docs/decisions/0001)"
    run_logged composer-parts composer create-project -n -q --no-install --no-scripts "symfony/symfony:$SYMFONY_VERSION" var/symfony-parts
  fi
  if is_built vendor "$key" && [ -f vendor/autoload.php ]; then return 0; fi
  step "installing PHP packages"
  run_logged composer composer update -n --no-progress --no-scripts
  chmod -R a+rX vendor
  mark_built vendor "$key"
}

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
  key="$(content_key web/src web/public web/index.html web/vite.config.ts web/vite.sw.config.ts web/package-lock.json)"
  if is_built web "$key" && [ -f public/build/index.html ]; then return 0; fi
  step "building the front end"
  run_logged vite npm --prefix web run --silent build
  find public/build -type f \( -name '*.js' -o -name '*.css' -o -name '*.html' -o -name '*.svg' \) -size +1k -print0 \
    | xargs -0 -r -I{} sh -c 'gzip -kf9 "$1" && brotli -kfq 9 "$1"' _ {}
  chmod -R a+rX public/build
  mark_built web "$key"
}

# What the PHP side of the app is made of: when it changes, caches are rebuilt and php-fpm restarts.
app_key() { content_key src core/src config migrations public/index.php composer.json ops/templates; }

build_all() {
  ( take_lock build 900; build_vendor; build_node_modules; build_web )
}

# run_logged NAME COMMAND…: quiet when it works, the end of its log when it does not.
run_logged() {
  local log="$VAR/build/$1.log"; shift
  "$@" >"$log" 2>&1 </dev/null || { tail -25 "$log" >&2; fail "'$1' failed; the whole log is $log"; }
}
