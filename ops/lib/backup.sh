# One file holds all that this folder's app keeps: the database, recordings in it, and the app's secret, with a manifest and
# checksums. Beside the copies lies a list of erased ids, which every restore applies.
# shellcheck shell=bash

BACKUP_FORMAT=2
BACKUP_PARTS=(database.sql.gz secrets erased)
# Of format 1, and of a folder whose recordings are not in the database yet.
FORMER_PART=recordings.tar

newest_migration() { find migrations -name 'Version*.php' -printf '%f\n' | sed 's/Version//; s/\.php//' | sort | tail -1; }
copies() { mkdir -p "$STATE/copies"; chmod 0700 "$STATE/copies"; echo "$STATE/copies"; }

# in_short_place: a folder for the parts, gone when this shell ends.
parts_folder() {
  PARTS="$(umask 077; mktemp -d "$STATE/parts.XXXXXX")"
  trap 'rm -rf "$PARTS"' EXIT
}

# write_backup FILE: while the app runs. The file is there whole or not at all.
write_backup() {
  local file="$1" folder
  folder="$(dirname "$file")"
  [ -d "$folder" ] || fail "there is no folder $folder"
  parts_folder
  mariadb-dump --no-defaults --socket="$SOCKETS/db.sock" --user="$(id -un)" --single-transaction --quick --hex-blob zumbo \
    | gzip -1 > "$PARTS/database.sql.gz" || fail "the database could not be copied; nothing was written"
  local parts=("${BACKUP_PARTS[@]}")
  if former_recordings; then
    parts+=("$FORMER_PART")
    # A recording that is deleted meanwhile (exit 1) is not missed.
    tar -C "$STATE" -cf "$PARTS/$FORMER_PART" recordings || [ $? = 1 ] || fail "the recordings could not be copied; nothing was written"
  fi
  cp "$STATE/secrets" "$PARTS/secrets"
  note_erased
  cp "$(copies)/erased" "$PARTS/erased"
  { printf 'format %s\nmade %s\nschema %s\n' "$BACKUP_FORMAT" "$(date -u +%FT%TZ)" "$(newest_migration)"
    ( cd "$PARTS" && sha256sum "${parts[@]}" )
  } > "$PARTS/manifest"
  ( umask 077; tar -C "$PARTS" -cf "$file.part" manifest "${parts[@]}" && sync "$file.part" ) \
    || { rm -f "$file.part"; fail "$file could not be written; is the disk full?"; }
  mv "$file.part" "$file"
  rm -rf "$PARTS"
}

# Ids only, of all that were ever erased here; also those that only the list still knows.
note_erased() {
  local list; list="$(copies)/erased"
  touch "$list"
  { cat "$list"
    database_sql zumbo -Ne "SELECT LOWER(INSERT(INSERT(INSERT(INSERT(HEX(gym_id),9,0,'-'),14,0,'-'),19,0,'-'),24,0,'-')),
      LOWER(INSERT(INSERT(INSERT(INSERT(HEX(id),9,0,'-'),14,0,'-'),19,0,'-'),24,0,'-')) FROM erased" 2>/dev/null | tr '\t' ' ' || true
  } | sort -u > "$list.new"
  mv "$list.new" "$list"
}

manifest() { sed -n "s/^$1 //p" "$PARTS/manifest"; }

# open_backup FILE: its parts lie in PARTS, checked; or it says what is wrong, and nothing was touched.
open_backup() {
  local file="$1"
  [ -f "$file" ] || fail "restore: there is no file $file"
  parts_folder
  tar -C "$PARTS" -xf "$file" manifest "${BACKUP_PARTS[@]}" 2>/dev/null || fail "restore: $file is no backup of Zumbo, or a damaged one"
  ! grep -q "  $FORMER_PART$" "$PARTS/manifest" || tar -C "$PARTS" -xf "$file" "$FORMER_PART" 2>/dev/null || fail "restore: $file is damaged: its recordings are missing"
  [[ "$(manifest format)" =~ ^[0-9]+$ ]] || fail "restore: $file is no backup of Zumbo, or a damaged one"
  [ "$(manifest format)" -le "$BACKUP_FORMAT" ] || fail "restore: $file was made by a newer Zumbo (format $(manifest format), here $BACKUP_FORMAT)"
  ( cd "$PARTS" && grep -E '^[0-9a-f]{64}  ' manifest | sha256sum --quiet -c - ) >/dev/null 2>&1 || fail "restore: $file is damaged: a checksum is wrong"
  [ ! "$(manifest schema)" \> "$(newest_migration)" ] || fail "restore: $file was made by a newer Zumbo (schema $(manifest schema), here $(newest_migration))"
}

# load_parts: replaces what is there by what lies in PARTS.
load_parts() {
  database_sql -e 'DROP DATABASE IF EXISTS zumbo'
  ensure_schema zumbo >/dev/null
  gzip -dc "$PARTS/database.sql.gz" | database_sql zumbo || return 1
  rm -rf "$STATE/recordings"
  [ ! -f "$PARTS/$FORMER_PART" ] || tar -C "$STATE" -xf "$PARTS/$FORMER_PART" || return 1
  local secret; secret="$(sed -n 's/^APP_SECRET=//p' "$PARTS/secrets")"
  ( umask 077; printf 'DB_PASSWORD=%s\nAPP_SECRET=%s\n' "$DB_PASSWORD" "$secret" > "$STATE/secrets" )
  read_secrets; export_environment
}

former_recordings() { compgen -G "$STATE/recordings/*/*.wav" >/dev/null; }
# Recordings lay in a folder once.
take_in_recordings() {
  if former_recordings; then
    step "bringing the recordings into the database"
    run_logged take-in console zumbo:take-in-recordings "$STATE/recordings"
  fi
  # One that comes in meanwhile stays for the next time.
  rm -f "$STATE"/recordings/*/*.part
  find "$STATE/recordings" "$STATE/imports" -type d -empty -delete 2>/dev/null || true
}

# migrate_or_go_back: the schema of this version; when a step fails, what was there before is there again.
migrate_or_go_back() {
  rm -rf "$STATE/cache/cli"
  if [ "$(database_sql -Ne "SELECT COUNT(*) FROM information_schema.tables WHERE table_schema='zumbo'")" = 0 ]; then
    run_logged migrate console doctrine:migrations:migrate -n --allow-no-migration
    return 0
  fi
  if console doctrine:migrations:up-to-date -q; then return 0; fi
  local copy; copy="$(copies)/before-upgrade-$(date -u +%Y%m%dT%H%M%SZ).tar"
  step "copying everything to $copy before the upgrade"
  write_backup "$copy"
  stop_web
  if ! console doctrine:migrations:migrate -n --allow-no-migration > "$VAR/build/migrate.log" 2>&1; then
    tail -n 5 "$VAR/build/migrate.log" >&2
    open_backup "$copy"
    load_parts || fail "the upgrade failed, and so did going back; everything lies in $copy: ./zumbo restore $copy"
    fail "the upgrade failed half way (see $VAR/build/migrate.log); everything is as it was before. Use the version before it."
  fi
}

# restore_from FILE YES STOP START: asks first where YES is no; what was there is there again when FILE can't be read in. STOP and START
# are commands by which whoever uses the rows ends and begins again.
restore_from() {
  local file="$1" yes="$2" stop="$3" start="$4" made from former listed answer
  open_backup "$file"
  made="$(manifest made)"
  if [ "$yes" = no ]; then
    [ -t 0 ] || fail "restore replaces everything that is kept here by the backup of $made; nothing was changed. Say so with --yes"
    printf 'Replace everything that is kept here by the backup of %s? Type yes: ' "$made"
    read -r answer
    [ "$answer" = yes ] || fail "nothing was changed"
  fi
  from="$PARTS"
  former="$(copies)/before-restore-$(date -u +%Y%m%dT%H%M%SZ).tar"
  ( write_backup "$former" )
  step "what was here lies in $former"
  listed="$(date -u -r "$(copies)/erased" +%FT%TZ)"
  sort -u "$(copies)/erased" "$PARTS/erased" > "$(copies)/erased.new" && mv "$(copies)/erased.new" "$(copies)/erased"
  eval "$stop"
  if ! load_parts; then
    rm -rf "$from"; open_backup "$former"; load_parts
    eval "$start"
    fail "the backup could not be read in; everything is as it was before"
  fi
  migrate_or_go_back
  take_in_recordings
  # What was answered before is of another state.
  rm -rf "$STATE"/cache/*/pools/app
  run_logged erase-again console zumbo:erase-again "$(copies)/erased"
  eval "$start"
  say "restored: the state of $made, without whoever was erased until $listed; erasures after that are not known here"
}
