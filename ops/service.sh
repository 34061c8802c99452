# ./zumbo service install|remove: start at boot, where systemd runs.
# shellcheck shell=bash disable=SC1091
. "$ZUMBO_ROOT/ops/lib/base.sh"

UNITS="${ZUMBO_UNITS:-/etc/systemd/system}"
unit="zumbo-$FOLDER_ID.service"

# The supervisor outlives the command that starts it, so systemd keeps the unit as started and stops it by our own verb.
write_unit() {
  local root="${ZUMBO_ROOT//%/%%}"   # a per cent sign begins a specifier there
  cat <<UNIT
[Unit]
Description=Zumbo in $root
After=network.target

[Service]
Type=oneshot
RemainAfterExit=yes
User=$(id -un)
Environment="PATH=$PATH"
ExecStart="$root/zumbo" start
ExecStop="$root/zumbo" stop
TimeoutStartSec=900
TimeoutStopSec=90
KillMode=process

[Install]
WantedBy=multi-user.target
UNIT
}

systemd_runs() { [ -d /run/systemd/system ]; }

case "${1:-}" in
  install)
    [ $# = 1 ] || usage_error "service install takes no further argument"
    have="$(command -v systemd-analyze)" || fail "systemd is not installed here: nothing can be started at boot by it"
    write_unit > "$VAR/build/$unit"
    said="$("$have" verify "$VAR/build/$unit" 2>&1)" || fail "systemd refuses the unit: $said"
    # A wrong line is only told, not refused.
    [ -z "$said" ] || fail "systemd is not content with the unit: $said"
    as_root install -m 0644 "$VAR/build/$unit" "$UNITS/$unit"
    if systemd_runs; then
      as_root systemctl daemon-reload
      as_root systemctl enable "$unit"
      say "installed: Zumbo starts at boot as $unit; ./zumbo service remove takes it away"
    else say "installed as $UNITS/$unit; systemd does not run here now, so enable it with: systemctl enable $unit"; fi ;;
  remove)
    [ $# = 1 ] || usage_error "service remove takes no further argument"
    if [ ! -e "$UNITS/$unit" ]; then say "nothing to remove: $unit is not installed"; exit 0; fi
    if systemd_runs; then as_root systemctl disable "$unit"; fi
    as_root rm -f "$UNITS/$unit"
    if systemd_runs; then as_root systemctl daemon-reload; fi
    say "removed: Zumbo no longer starts at boot; it runs on until ./zumbo stop" ;;
  *) usage_error "service: '${1:-}' is unknown; accepted: install, remove" ;;
esac
