# runit watches over the programs of one instance: what falls is started again, and stop ends all of it.
# shellcheck shell=bash

PROGRAMS=(db fpm nginx worker sensor)

service() { echo "$SOCKETS/sv/$1"; }

# Every folder is there, told not to run yet, before runit looks at them: it looks for new ones every five seconds only.
start_supervisor() {
  local name
  programs_with_copies
  for name in "${PROGRAMS[@]}"; do
    [ -e "$(service "$name")/run" ] || make_service "$name"
  done
  end_stuck_watchers
  if ! supervisor_runs; then setsid runsvdir -P "$SOCKETS/sv" </dev/null >/dev/null 2>&1 9>&- & fi
  for name in "${PROGRAMS[@]}"; do
    wait_until 10 "runit to watch over $name" sv status "$(service "$name")"
  done
}
# A watcher that was told to go, and can't because an orphan still holds its log, would start nothing for ever.
end_stuck_watchers() {
  local pid folder children
  for pid in $(pgrep -x runsv || true); do
    folder="$(readlink "/proc/$pid/cwd" || true)"
    case "$folder" in
      "$SOCKETS"/sv/*)
        if [[ "$(sv status "${folder% (deleted)}" 2>/dev/null || true)" == *"; run: log: "*"want down"* ]]; then
          mapfile -t children < <(pgrep -P "$pid")
          kill -KILL "$pid" "${children[@]}" || true
        fi ;;
    esac
  done
}
supervisor_runs() { [ -n "$(supervisor_pids)" ]; }
supervisor_pids() {
  local pid
  for pid in $(pgrep -x runsvdir); do
    tr '\0' '\n' < "/proc/$pid/cmdline" 2>/dev/null | grep -qxF -- "$SOCKETS/sv" && echo "$pid"
  done || true
}

make_service() {
  local folder; folder="$(service "$1")"
  mkdir -p "$folder/log" "$STATE/log/$1"
  chmod 0700 "$STATE/log/$1"
  printf 's2000000\nn8\n' > "$STATE/log/$1/config"
  touch "$folder/down"
  printf '#!/usr/bin/env bash\nexec chpst -P bash %q\n' "$ZUMBO_ROOT/ops/supervised/run.sh" > "$folder/run"
  printf '#!/usr/bin/env bash\nexec bash %q "$@"\n' "$ZUMBO_ROOT/ops/supervised/finish.sh" > "$folder/finish"
  printf '#!/usr/bin/env bash\nexec svlogd -tt %q\n' "$STATE/log/$1" > "$folder/log/run"
  chmod 0700 "$folder/run" "$folder/finish" "$folder/log/run"
}

# declare_program NAME MARK GENTLE CLEAR COMMAND…: of a program that does not run. CLEAR is one line of sockets; `before` is
# added by the caller. An orphan that still answers would be taken for the new one, so it ends here.
declare_program() {
  local name="$1" mark="$2" gentle="$3" clear="$4"; shift 4
  end_left_over "$name" "$mark" "$(service "$name")/group" "$gentle" >/dev/null
  ( umask 077
    { printf 'NAME=%q MARK=%q GENTLE=%q CLEAR=(%s)\n' "$name" "$mark" "$gentle" "$clear"
      printf 'export ZUMBO_ROOT=%q\nCOMMAND=(' "$ZUMBO_ROOT"
      printf '%q ' "$@"
      printf ')\n'
    } > "$(service "$name")/program.new" )
}
# publish_program NAME: from its next start on it runs as declared.
publish_program() { mv "$(service "$1")/program.new" "$(service "$1")/program"; }

run_program() {
  rm -f "$(service "$1")/down" "$(service "$1")/falls"
  sv up "$(service "$1")" >/dev/null
}
program_pid() {
  local said
  said="$(sv status "$(service "$1")" 2>/dev/null)" || return 1
  [[ "$said" =~ ^run:\ [^\ ]+\ \(pid\ ([0-9]+)\)\ ([0-9]+)s ]] || return 1
  echo "${BASH_REMATCH[1]} ${BASH_REMATCH[2]}"
}
program_runs() { program_pid "$1" >/dev/null; }

# stop_programs SECONDS NAME…: all at once; whoever has not ended by then is ended.
stop_programs() {
  local seconds="$1" name folders=(); shift
  for name in "$@"; do
    if [ -e "$(service "$name")/supervise/ok" ]; then touch "$(service "$name")/down"; folders+=("$(service "$name")"); fi
  done
  [ "${#folders[@]}" = 0 ] || sv -w "$seconds" force-stop "${folders[@]}" >/dev/null 2>&1 || true
}

stop_supervisor() {
  local pid name
  programs_with_copies
  # At HUP it tells all it has started to end, and goes.
  for pid in $(supervisor_pids); do kill -HUP "$pid" 2>/dev/null || true; done
  for name in "${PROGRAMS[@]}"; do [ ! -e "$(service "$name")" ] || sv exit "$(service "$name")" >/dev/null 2>&1 || true; done
  wait_until 10 "the supervisor to end" nothing_supervised || return 1
  rm -rf "$SOCKETS/sv"
}
nothing_supervised() {
  local name
  ! supervisor_runs || return 1
  for name in "${PROGRAMS[@]}"; do
    ! sv status "$(service "$name")" >/dev/null 2>&1 || return 1
  done
}

# Daily copies are a program like the others, for whoever wants them.
programs_with_copies() {
  if [ -s "$STATE/daily" ] && [ "${PROGRAMS[-1]}" != copies ]; then PROGRAMS+=(copies); fi
}
run_copies() {
  programs_with_copies
  if [ "${PROGRAMS[-1]}" != copies ] || program_runs copies; then return 0; fi
  declare_program copies "$ZUMBO_ROOT/ops/supervised/daily.sh $INSTANCE" no '' bash "$ZUMBO_ROOT/ops/supervised/daily.sh" "$INSTANCE"
  publish_program copies
  run_program copies
}

show_instance() {
  local name found
  programs_with_copies
  for name in "${PROGRAMS[@]}"; do
    if found="$(program_pid "$name")"; then say "$name: runs, pid ${found% *}, since $(date -d "-${found#* } seconds" '+%F %T')"
    else say "$name: does not run"; fi
  done
}
