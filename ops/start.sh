# ./zumbo start [--port N] [--tls HOST] [--demo]
# shellcheck shell=bash disable=SC1091
case " $* " in *" --cluster "*) exec bash "$ZUMBO_ROOT/ops/cluster.sh" start "$@" ;; esac
for part in base packages build instance mariadb web supervise left_over tls backup demo; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done

port=''
TLS_HOST=''
demo=no
while [ $# -gt 0 ]; do
  case "$1" in
    --port) port="${2:-}"; shift 2 || true ;;
    --port=*) port="${1#*=}"; shift ;;
    --tls) TLS_HOST="${2:-}"; shift 2 || true; check_tls_host; continue ;;
    --demo) demo=yes; shift; continue ;;
    --tls=*) TLS_HOST="${1#*=}"; shift; check_tls_host; continue ;;
    *) usage_error "start: '$1' is unknown; accepted: --port N, --tls HOST, --demo" ;;
  esac
  if [[ ! "$port" =~ ^[0-9]{1,5}$ ]] || [ "$port" -lt 1024 ] || [ "$port" -gt 65535 ]; then
    usage_error "start: --port '$port': a whole number from 1024 to 65535"
  fi
done

make_run_place
take_lock app 900
ensure_runtime_packages
( build_all )
use_instance app
start_database
schema="$(ensure_schema zumbo)"
migrate_key="$(content_key migrations)"
if [ "$schema" = new ] || ! is_built app-schema "$migrate_key"; then
  step "bringing the database schema up to date"
  migrate_or_go_back
  mark_built app-schema "$migrate_key"
fi
take_in_recordings
load_demo_where_wanted "$demo" "$TLS_HOST"
[ -z "$TLS_HOST" ] || prepare_tls
start_web "$port"

say ""
say "Zumbo runs at http://127.0.0.1:$WEB_PORT"
if demo_is_there; then say "Demo coach: maren@saltmarsh.example, password: harbour rope 14"
elif ! own_gym_is_there; then say "There is no gym here yet; add --demo to look around in an invented one"; fi
if ! own_gym_is_there; then say "Your own gym: choose \"Set up your gym\" there and type this code, which is good once: $(console zumbo:gym:code)"; fi
if [ -n "$TLS_HOST" ]; then
  say "For phones on this network: https://$TLS_HOST:$TLS_PORT (trust $STATE/tls/ca.pem on the phone once; see docs/phone.md)"
fi
