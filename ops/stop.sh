# ./zumbo stop
# shellcheck shell=bash disable=SC1091
case " $* " in *" --cluster "*) exec bash "$ZUMBO_ROOT/ops/cluster.sh" stop "$@" ;; esac
for part in base build instance mariadb web supervise left_over; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
[ $# = 0 ] || usage_error "stop takes no argument"
make_run_place
take_lock app 60
use_instance app
stop_programs 2 copies
stop_web
stop_database
stop_supervisor
say "stopped"
