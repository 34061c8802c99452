# ./zumbo logs [--follow]
# shellcheck shell=bash disable=SC1091
for part in base build instance; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
make_run_place
use_instance app
shopt -s nullglob
files=("$STATE"/log/*/current "$STATE"/log/*/*.log)
[ "${#files[@]}" -gt 0 ] || fail "nothing has run yet: ./zumbo start"
case "${1:-}" in
  '') tail -n 20 "${files[@]}" ;;
  --follow) exec tail -n 20 -F "${files[@]}" ;;
  *) usage_error "logs: '$1' is unknown; accepted: --follow" ;;
esac
