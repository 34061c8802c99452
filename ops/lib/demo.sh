# The demo gym's password is published: it must never guard an open port unasked, nor come back over a gym of one's own.
# shellcheck shell=bash

DEMO_GYM=019b76daa800760b9c5d83208990d4a1

gyms() { database_sql zumbo -Ne "SELECT COUNT(*) FROM gym WHERE $1"; }
demo_is_there() { [ "$(gyms "id = UNHEX('$DEMO_GYM')")" = 1 ]; }
own_gym_is_there() { [ "$(gyms "id <> UNHEX('$DEMO_GYM')")" != 0 ]; }

# Everything that is written by hand is a mutation; the demo itself is none.
demo_was_changed() { [ "$(database_sql zumbo -Ne "SELECT COUNT(*) FROM mutation WHERE gym_id = UNHEX('$DEMO_GYM')")" != 0 ]; }

# load_demo_where_wanted ASKED(yes|no) TLS_HOST
load_demo_where_wanted() {
  if [ -n "$2" ] && [ "$1" = no ] && demo_is_there; then
    fail "the demo gym's password is published, and --tls opens the app to the network: say so with --demo, too"
  fi
  if demo_is_there; then return 0; fi
  if [ "$1" = no ] && { own_gym_is_there || [ -n "$2" ]; }; then return 0; fi
  step "loading the demo gym"
  run_logged demo console zumbo:demo
}
