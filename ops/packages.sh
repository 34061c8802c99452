# ./zumbo packages [--renew]: 0 when the installed PHP packages are those of packages.lst, 3 when not.
# shellcheck shell=bash disable=SC1091
for part in base packages build; do . "$ZUMBO_ROOT/ops/lib/$part.sh"; done
make_run_place
case "${1:-}" in
  '') check_packages dev || exit 3; say "the installed packages are those of packages.lst" ;;
  --renew)
    # Direct packages stand in composer.json with their exact version; what they need is taken as new as it comes.
    take_lock build 900
    fetch_symfony_parts
    step "resolving composer.json anew"
    run_logged composer composer update -n --no-progress --no-scripts
    chmod -R a+rX vendor
    installed_packages > packages.lst
    rm -f "$VAR/build/vendor" "$VAR/build/vendor-dev"
    say "packages.lst is written; run ./zumbo test, then commit it" ;;
  *) usage_error "packages: '$1' is unknown; accepted: --renew" ;;
esac
