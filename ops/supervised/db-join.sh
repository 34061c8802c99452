# Before a database of a cluster starts: whether it founds the cluster, waits for the others, and from where it goes on.
# shellcheck shell=bash

# position OPTIONS…: "cluster:number" of the last transaction in the rows of a database that does not run.
position() {
  local said; said="$(mariadbd "$@" --binlog-format=ROW --wsrep-recover --skip-networking --socket="$(mktemp -u)" 2>&1 || true)"
  sed -n 's/.*Recovered position: *\([0-9a-f-]*:-\{0,1\}[0-9]*\).*/\1/p' <<< "$said" | tail -1 | grep . || echo 00000000-0000-0000-0000-000000000000:-1
}

# join STATE: changes COMMAND.
join() {
  local state="$1" at word together=no options=()
  # It is told for this start only, whatever comes of it.
  if [ -e "$state/together" ]; then together=yes; rm "$state/together"; fi
  if [ -e "$state/found" ]; then
    rm "$state/found"
    COMMAND+=(--wsrep-new-cluster)
    return 0
  fi
  [ -s "$state/db/grastate.dat" ] || return 0
  if [ "$together" = no ]; then
    # One that fell or went, and is back at once, takes the others apart that are about to go on without it: measured, ten seconds
    # without a quorum instead of three, and of one that went in order instead of none.
    echo 'lets the others go on first'
    sleep 5
  fi
  # After an orderly end the file says how far it was; after a fall it says -1, and a whole copy would be asked for.
  grep -qs '^seqno: *-1' "$state/db/grastate.dat" || return 0
  for word in "${COMMAND[@]}"; do
    case "$word" in --no-defaults|--user=*|--datadir=*|--wsrep-on=*|--wsrep-provider=*|--wsrep-cluster-address=*) options+=("$word") ;; esac
  done
  at="$(position "${options[@]}")"
  echo "goes on from $at"
  case "$at" in *:-1) ;; *) COMMAND+=(--wsrep-start-position="$at") ;; esac
}
