# ./zumbo status: 0 when all of the app runs, 3 when not.
# shellcheck shell=bash disable=SC1091
case " $* " in *" --cluster "*) exec bash "$ZUMBO_ROOT/ops/cluster.sh" status "$@" ;; esac
for part in base build instance mariadb web supervise left_over; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
[ $# = 0 ] || usage_error "status takes no argument"
make_run_place
use_instance app
show_instance
if program_runs db && web_runs; then say "http://127.0.0.1:$WEB_PORT answers"; else exit 3; fi
