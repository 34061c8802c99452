<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Ops;

/**
 * Copies of everything: made, read in again, refused; and an upgrade that goes back to one.
 */
final class BackupTest extends InstanceTestCase
{
    private const CHECKSUMS = <<<'SH'
        checksums() {
          local tables
          tables="$(database_sql -Ne "SELECT GROUP_CONCAT(CONCAT('zumbo.', table_name) ORDER BY table_name)
            FROM information_schema.tables WHERE table_schema='zumbo'")"
          database_sql zumbo -Ne "CHECKSUM TABLE $tables"
        }
        console zumbo:demo --on 2026-11-24 >/dev/null
        gym="$(database_sql zumbo -Ne 'SELECT HEX(id) FROM gym LIMIT 1')"
        # A recording: every byte there is, many times.
        database_sql zumbo -e "REPLACE INTO gym_file
            VALUES (UNHEX('$gym'), REPEAT('c', 16), 'recording', REPEAT('i', 16), 'whole', 512000, NOW());
          REPLACE INTO gym_file_piece VALUES (UNHEX('$gym'), REPEAT('c', 16), 0, REPEAT(RANDOM_BYTES(1024), 500))"
        file="$STATE/test.tar"

        SH;

    public function testABackupBringsEveryTableBackAndWhoeverWasErasedStaysErased(): void
    {
        [$exit, $out] = self::instance(
            self::CHECKSUMS.<<<'SH'
                ( write_backup "$file" )
                before="$(checksums)"
                database_sql zumbo -e "SET foreign_key_checks=0; DELETE FROM attempt; UPDATE athlete SET name='Nobody';
                  DROP TABLE stature; DELETE FROM gym_file_piece"
                ( open_backup "$file"; load_parts )
                [ "$(checksums)" = "$before" ] && [ "$(wc -l <<< "$before")" -gt 20 ] && echo "every table is back"
                ids="$(database_sql zumbo -Ne "SELECT LOWER(CONCAT(HEX(gym_id), HEX(id))) FROM athlete LIMIT 1" \
                  | sed -E 's/(.{8})(.{4})(.{4})(.{4})(.{12})/\1-\2-\3-\4-\5 /g; s/ $//')"
                echo "$ids" > "$STATE/erased.txt"
                console zumbo:erase-again "$STATE/erased.txt"
                ( note_erased ); grep -qxF "$ids" "$(copies)/erased" && echo "and is on the list"
                database_sql zumbo -Ne 'SELECT COUNT(*) FROM athlete'
                rm -f "$file" "$(copies)/erased"
                SH,
        );
        self::assertSame([0, "every table is back\n1 of 1 erased again\nand is on the list\n13\n"], [$exit, $out]);
    }

    /** Another machine has nothing yet: no database, no secrets. */
    public function testAnotherMachineShowsTheSame(): void
    {
        [$exit, $out] = self::instance(
            self::CHECKSUMS.<<<'SH'
                screens() {
                  local jar="$SOCKETS/jar" here="http://127.0.0.1:$WEB_PORT" path
                  curl -s -c "$jar" -o /dev/null -H 'Content-Type: application/json' -H 'csrf-token: csrf-token' -H "Origin: $here" \
                    -d '{"email":"maren@saltmarsh.example","password":"harbour rope 14"}' "$here/api/sign-in"
                  for path in athletes rack order-list rack/strip export.json class; do
                    curl -s -b "$jar" -w ' %{http_code}\n' "$here/api/$path"
                  done
                  rm -f "$jar"
                }
                counts() {
                  local table all="SELECT table_name FROM information_schema.tables WHERE table_schema='zumbo' ORDER BY 1"
                  for table in $(database_sql -Ne "$all"); do
                    echo "$table $(database_sql zumbo -Ne "SELECT COUNT(*) FROM $table")"
                  done
                }
                ( write_backup "$file" )
                before="$(checksums; counts)"
                shown="$(screens | md5sum)"; answers="$(screens | grep -oE ' [0-9]{3}$' | tr -d '\n')"
                mv "$file" "$SOCKETS/../moved.tar"
                (
                  trap 'stop_web; stop_database; stop_supervisor; rm -rf "$STATE"' EXIT
                  use_instance moved
                  rm -rf "$STATE"; mkdir -p "$STATE"; read_secrets; export_environment
                  start_database >/dev/null
                  ( open_backup "$SOCKETS/../moved.tar"; load_parts ); read_secrets; export_environment
                  FIRST_WEB_PORT=19180; start_web '' >/dev/null
                  [ "$(checksums; counts)" = "$before" ] && echo "the same tables"
                  [ "$(screens | md5sum)" = "$shown" ] && echo "the same screens:$answers"
                )
                rm -f "$SOCKETS/../moved.tar"
                SH,
        );
        self::assertSame(
            [0, "the same tables\nthe same screens: 200 200 200 200 200 200\n"],
            [$exit, $out],
        );
    }

    /** An earlier version kept recordings in a folder, and a copy of then holds that folder. */
    public function testRecordingsOfAnEarlierCopyAreInTheDatabaseAfterwards(): void
    {
        [$exit, $out] = self::instance(
            self::CHECKSUMS.<<<'SH'
                sound="$ZUMBO_ROOT/core/tests/Sound/files/s16-8000-1.wav"
                id=019acc00-0000-7000-8000-00000000c0de
                folder="$STATE/recordings/$(sed -E 's/(.{8})(.{4})(.{4})(.{4})(.{12})/\L\1-\2-\3-\4-\5/' <<< "$gym")"
                database_sql zumbo -e "INSERT INTO job (gym_id, id, kind, state, asked_by, request, created_at)
                  VALUES (UNHEX('$gym'), UNHEX('${id//-/}'), 'sound', 'done', UNHEX('$gym'), '{\"keep\":true}', NOW())"
                mkdir -p "$folder"; cp "$sound" "$folder/$id.wav"; cp "$sound" "$folder/${id/c0de/aaaa}.wav"
                touch "$folder/$id.wav.ab.part"
                ( write_backup "$file" )
                rm -rf "$STATE/recordings"
                ( open_backup "$file"; load_parts )
                take_in_recordings
                database_sql zumbo -Ne "SELECT state, bytes = $(stat -c %s "$sound"),
                    SHA2(content, 256) = '$(sha256sum < "$sound" | cut -c1-64)'
                  FROM gym_file JOIN gym_file_piece USING (gym_id, copy) WHERE id = UNHEX('${id//-/}')"
                cat "$VAR/build/take-in.log"
                [ -e "$STATE/recordings" ] || echo "the folder is gone"
                ( write_backup "$file" )
                tar -tf "$file" | grep -c recordings.tar || true
                rm -f "$file"
                SH,
        );
        self::assertSame(
            [0, "· bringing the recordings into the database\nwhole\t1\t1\n1 recordings are in the database now\nthe folder is gone\n0\n"],
            [$exit, $out],
        );
    }

    public function testOfDailyCopiesTheLastAreKept(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                echo 2 > "$STATE/daily"
                for i in 1 2 3; do bash "$ZUMBO_ROOT/ops/supervised/daily.sh" kill now; sleep 1.1; done
                find "$(copies)" -name 'daily-*.tar' | wc -l
                rm -f "$STATE/daily" "$(copies)"/daily-*
                SH,
        );
        self::assertSame([0, "copied\ncopied\ncopied\n2\n"], [$exit, $out]);
    }

    public function testADamagedOrNewerBackupIsRefusedInWordsAndNothingIsTouched(): void
    {
        [$exit, $out] = self::instance(
            self::CHECKSUMS.<<<'SH'
                ( write_backup "$file" )
                before="$(checksums)"
                head -c 40000 "$file" > "$file.cut"; ( open_backup "$file.cut" )
                echo text > "$file.text"; ( open_backup "$file.text" )
                cp "$file" "$file.bad"; printf 'X' | dd of="$file.bad" bs=1 seek=9000 conv=notrunc 2>/dev/null; ( open_backup "$file.bad" )
                mkdir "$STATE/new"; tar -C "$STATE/new" -xf "$file"
                opened_with() {
                  sed -i "$1" "$STATE/new/manifest"
                  tar -C "$STATE/new" -cf "$file.new" . --transform 's#^\./##'
                  ( open_backup "$file.new" )
                }
                opened_with 's/^format 2/format 3/'
                opened_with 's/^format 3/format 2/; s/^schema .*/schema 29991231000000/'
                ( write_backup /nowhere/at/all.tar )
                [ "$(checksums)" = "$before" ] && echo untouched
                rm -rf "$file"* "$STATE/new"
                SH,
            strict: false,
        );
        $file = \dirname(__DIR__, 2).'/var/kill/test.tar';
        foreach ([
            "zumbo: restore: $file.cut is no backup of Zumbo, or a damaged one",
            "zumbo: restore: $file.text is no backup of Zumbo, or a damaged one",
            "zumbo: restore: $file.bad is damaged: a checksum is wrong",
            "zumbo: restore: $file.new was made by a newer Zumbo (format 3, here 2)",
            "zumbo: restore: $file.new was made by a newer Zumbo (schema 29991231000000, here ",
            'zumbo: there is no folder /nowhere/at',
            "\nuntouched\n",
        ] as $said) {
            self::assertStringContainsString($said, $out);
        }
    }

    public function testAnUpgradeThatFailsHalfWayLeavesEverythingAsItWas(): void
    {
        [$exit, $out] = self::instance(
            self::CHECKSUMS.<<<'SH'
                before="$(checksums)"
                half="$ZUMBO_ROOT/migrations/Version29991231000000.php"
                trap 'rm -f "$half"' EXIT
                cat > "$half" <<'PHP'
                <?php
                namespace Zumbo\Migrations;
                final class Version29991231000000 extends \Doctrine\Migrations\AbstractMigration
                {
                    public function up(\Doctrine\DBAL\Schema\Schema $schema): void
                    {
                        $this->addSql('CREATE TABLE half (id INT)');
                        $this->addSql('ALTER TABLE athlete DROP COLUMN name');
                        $this->addSql('ALTER TABLE nowhere ADD x INT');
                    }
                    public function isTransactional(): bool { return false; }
                }
                PHP
                ( migrate_or_go_back ) ; echo "exit $?"
                rm -f "$half"
                [ "$(checksums)" = "$before" ] && echo "as it was"
                rm -f "$(copies)"/before-upgrade-*
                start_web '' >/dev/null && web_runs && echo "and runs"
                SH,
            strict: false,
        );
        self::assertStringContainsString('the upgrade failed half way', $out);
        self::assertStringContainsString('everything is as it was before', $out);
        self::assertStringEndsWith("exit 1\nas it was\nand runs\n", $out);
    }
}
