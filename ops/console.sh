# ./zumbo console ARGS…: bin/console with the app instance's settings.
# shellcheck shell=bash disable=SC1091
for part in base build instance; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
make_run_place
use_instance app
console "$@"
