# What a program has left behind when its master died: found by its process group, and by what it is.
# shellcheck shell=bash

boot_id() { cat /proc/sys/kernel/random/boot_id; }

note_group() { printf '%s %s\n' "$(boot_id)" "$2" > "$1"; }

# noted_group FILE: the group an earlier run had, if this is still the same boot and somebody of it lives.
noted_group() {
  local boot group
  { read -r boot group < "$1"; } 2>/dev/null || return 1
  [ "$boot" = "$(boot_id)" ] && [[ "$group" =~ ^[0-9]+$ ]] && [ "$group" -gt 1 ] && kill -0 -- "-$group" 2>/dev/null || return 1
  echo "$group"
}

# end_group FILE SIGNAL
end_group() {
  local group
  group="$(noted_group "$1")" || return 0
  kill -s "$2" -- "-$group" 2>/dev/null || true
}

# masters MARK: pids whose command line carries it as a word or a part of one, but no reader or editor of such a file.
masters() {
  local pid
  for pid in $(pgrep -f -- "$1"); do
    case "$(cat "/proc/$pid/comm" 2>/dev/null)" in mariadbd|php*|nginx) echo "$pid" ;; esac
  done
}

# end_left_over NAME MARK GROUPFILE GENTLE: asks at first where that is 'yes' (a database closes its files), then ends.
end_left_over() {
  local name="$1" mark="$2" file="$3" gentle="$4" groups pid group
  groups="$(noted_group "$file" || true)"
  for pid in $(masters "$mark"); do groups+=" $(ps -o pgid= -p "$pid" | tr -d ' ')"; done
  for group in $(tr -s ' \n' '\n' <<< "$groups" | sort -u); do
    # The group of the shell that started it by hand, long ago, is not ours to end.
    [ "$group" != "$(ps -o pgid= -p $$ | tr -d ' ')" ] || continue
    printf '%s: ends what an earlier run has left, group %s\n' "$name" "$group"
    if [ "$gentle" = yes ]; then
      kill -TERM -- "-$group" 2>/dev/null || true
      wait_gone "$group" 300
    fi
    kill -KILL -- "-$group" 2>/dev/null || true
    wait_gone "$group" 50
  done
}

# wait_gone GROUP TENTHS
wait_gone() {
  local left="$2"
  while kill -0 -- "-$1" 2>/dev/null && [ "$left" -gt 0 ]; do left=$((left - 1)); sleep 0.1; done
}

# rest_after_quick_falls FILE: a run shorter than ten seconds is a fall; from the third in a row on 2, 4, … 30 s of rest.
rest_after_quick_falls() {
  local before falls now rest
  now="$(date +%s)"
  { read -r before falls < "$1"; } 2>/dev/null || { before=0; falls=0; }
  if [ $((now - before)) -lt 10 ]; then falls=$((falls + 1)); else falls=0; fi
  printf '%s %s\n' "$now" "$falls" > "$1"
  [ "$falls" -ge 3 ] || return 0
  rest=$((falls > 6 ? 30 : 1 << (falls - 2)))
  printf 'fell %s times in a row; rests %s s\n' "$falls" "$rest"
  sleep "$rest"
}
