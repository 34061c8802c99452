# daily.sh: waits for half past three at night, copies everything, keeps the last so many, and waits again.
# shellcheck shell=bash disable=SC1091
set -euo pipefail
: "${ZUMBO_ROOT:?}" "${1:?which instance}"
for part in base build instance mariadb supervise backup; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
use_instance "$1"
next="$(date -d '03:30' +%s)"
[ "$next" -gt "$(date +%s)" ] || next="$(date -d 'tomorrow 03:30' +%s)"
if [ "${2:-}" != now ]; then sleep $((next - $(date +%s))); fi
( write_backup "$(copies)/daily-$(date -u +%Y%m%dT%H%M%SZ).tar" )
find "$(copies)" -name 'daily-*.tar' | sort -r | tail -n "+$(($(cat "$STATE/daily") + 1))" | xargs -r -d '\n' rm -f
say "copied"
