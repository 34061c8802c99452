# ./zumbo gym new|list|rename|remove|code … and ./zumbo coach new|password|reset|role|remove …: the gyms of this machine and who
# may sign in. Each says with --help what it wants. A password is typed, or one line that is piped in; never an argument.
# shellcheck shell=bash disable=SC1091
for part in base build instance mariadb web; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done

# people WHAT "VERB VERB …" ARGUMENTS
people() {
  local what="$1" verbs="$2" verb="${3:-}"
  shift 2
  case " $verbs " in
    *" $verb "*) ;;
    *) usage_error "$what: '$verb' is unknown; accepted: ${verbs// /, }, each with --help" ;;
  esac
  shift
  make_run_place
  use_instance app
  case " $* " in *" --help "*) ;; *) database_answers || fail "the database does not run; ./zumbo start first" ;; esac
  console "zumbo:$what:$verb" "$@"
}
