<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Ops;

use PHPUnit\Framework\TestCase;

/**
 * What only a running instance shows: what happens when something dies, and what others may reach. It has a database, ports
 * and programs of its own.
 */
final class RunningInstanceTest extends TestCase
{
    public static function setUpBeforeClass(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                make_run_place
                use_instance kill
                start_database
                # Whatever a run that was broken off has left.
                database_sql -e 'DROP DATABASE IF EXISTS zumbo'
                ensure_schema zumbo >/dev/null
                run_logged kill-migrate console doctrine:migrations:migrate -n --allow-no-migration
                FIRST_WEB_PORT=19080
                start_web ''
                SH,
            own: false,
        );
        self::assertSame(0, $exit, $out);
    }

    public static function tearDownAfterClass(): void
    {
        self::instance('stop_web; stop_database; stop_supervisor');
    }

    public function testEveryProgramComesBackAfterItsDeathAndNothingOfItGoesOnWithoutIt(): void
    {
        foreach (['fpm', 'nginx', 'db', 'worker', 'sensor'] as $name) {
            [$exit, $out] = self::instance(
                <<<SH
                    found="\$(program_pid $name)"; old="\${found% *}"
                    kill -KILL "\$old"
                    another() { local now; now="\$(program_pid $name)" && [ "\${now% *}" != "\$old" ]; }
                    wait_until 15 "another $name" another
                    gone() { ! kill -0 -- "-\$old"; }
                    wait_until 5 "the old $name to be gone" gone
                    wait_until 15 "all of it to run" web_runs
                    wait_until 15 "the database to answer" database_answers
                    echo back
                    SH,
            );
            self::assertSame([0, "back\n"], [$exit, $out], $name);
        }
    }

    public function testADatabaseAwayIsToldAsThatAndHealthSaysWhatIsTrue(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                ask() {
                  curl -s -m 5 -i -H 'Cookie: PHPSESSID=0123456789abcdef0123456789abcdef' "http://127.0.0.1:$WEB_PORT/api/$1" \
                    | tr -d '\r' | grep -E '^HTTP|^Retry|^Content-Type|^\{'
                }
                wait_until 15 "all of it to run" web_runs
                ask ready
                stop_programs 30 db
                ask health; ask ready; ask athletes
                run_program db
                wait_until 15 "the database" database_answers
                ask ready
                SH,
        );
        $ready = "HTTP/1.1 200 OK\nContent-Type: application/json\n{\"php\":true,\"database\":true}\n";
        $away = "HTTP/1.1 503 Service Unavailable\nContent-Type: application/problem+json\nRetry-After: 5\n"
            .'{"type":"about:blank","title":"Away","status":503,"detail":"The database does not answer just now. '
            ."Nothing was changed; try again in a moment.\"}\n";
        $health = "HTTP/1.1 200 OK\nContent-Type: application/json\n{\"php\":true}\n";
        self::assertSame([0, $ready.$health.$away.$away.$ready], [$exit, $out]);
    }

    public function testAWorkerThatEndsByItselfIsStartedAgain(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                found="$(program_pid worker)"; old="${found% *}"
                kill -TERM "$old"
                another() { local now; now="$(program_pid worker)" && [ "${now% *}" != "$old" ]; }
                wait_until 15 "another worker" another && echo back
                SH,
        );
        self::assertSame([0, "back\n"], [$exit, $out]);
    }

    /** After that nothing watches, an orphan keeps the socket of php-fpm, and a socket of nginx lies about. */
    public function testStartRepairsWhateverIsLeftAndKeepsTheAddress(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                before="$WEB_PORT"
                masters_of() { local one; for one in fpm nginx worker sensor db; do found="$(program_pid $one)"; echo "${found% *}"; done; }
                victims="$(masters_of)"
                for pid in $(pgrep -x runsv); do
                  case "$(readlink "/proc/$pid/cwd")" in "$SOCKETS"/sv/*) victims+=" $pid" ;; esac
                done
                kill -KILL $(supervisor_pids) $victims
                [ -S "$SOCKETS/private/publish.sock" ] && echo "a socket is left"
                start_database >/dev/null
                start_web '' >/dev/null
                web_runs && database_answers && [ "$WEB_PORT" = "$before" ] && echo repaired
                SH,
        );
        self::assertSame([0, "a socket is left\nrepaired\n"], [$exit, $out]);
    }

    public function testStartBreaksNothingThatRuns(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                pids() { for one in nginx fpm db worker sensor; do program_pid "$one" | cut -d' ' -f1; done; }
                before="$(pids)"
                start_database; start_web ''
                [ "$before" = "$(pids)" ] && echo same
                SH,
        );
        self::assertSame([0, "same\n"], [$exit, $out]);
    }

    public function testAStrangerOnItsPortIsToldAndTheAddressStays(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                stop_web
                "$PHP" -r '$s = stream_socket_server("tcp://127.0.0.1:'"$WEB_PORT"'"); sleep(20);' & stranger=$!
                taken() { ! port_is_free "$WEB_PORT"; }
                wait_until 5 "the stranger" taken
                before="$WEB_PORT"
                ( start_web '' ); echo "exit $?"
                kill "$stranger"; wait "$stranger"
                read_ports; [ "$WEB_PORT" = "$before" ] && echo "same address"
                start_web '' && web_runs && echo "runs again"
                SH,
            strict: false,
        );
        self::assertStringContainsString('is taken by another program; end that one, or choose a new address', $out);
        self::assertStringContainsString("exit 1\nsame address\n", $out);
        self::assertStringContainsString('runs again', $out);
    }

    public function testOneUsersComputingHoldsUpNobodysEntry(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                run_logged kill-demo console zumbo:demo --on 2026-11-24
                jar="$SOCKETS/jar"
                ask() { curl -s -m 30 -b "$jar" -H 'Content-Type: application/json' -H 'csrf-token: csrf-token' \
                  -H "Origin: http://127.0.0.1:$WEB_PORT" -w '%{http_code}' "$@"; }
                here="http://127.0.0.1:$WEB_PORT/api"
                ask -c "$jar" -o /dev/null -d '{"email":"maren@saltmarsh.example","password":"harbour rope 14"}' "$here/sign-in"; echo
                heavy='{"reps":200,"rounds":10,"reps_per_s":1.8,"hazard":{"kind":"constant","q":0.3},"miss_cost_s":10,"break_cost_s":4}'
                for i in 1 2 3 4 5 6; do ask -d "$heavy" -o "$SOCKETS/heavy.$i" "$here/calc/pace" > "$SOCKETS/code.$i" & done
                sleep 0.4
                ask -o /dev/null "$here/athletes"; echo
                [ -n "$(jobs -r)" ] && echo "while it computes"
                wait
                cat "$SOCKETS"/code.* | fold -w 3 | sort | uniq -c | tr -s ' '
                grep -lF '"title":"Too much at once","status":429' "$SOCKETS"/heavy.* | wc -l
                rm -f "$jar" "$SOCKETS"/heavy.* "$SOCKETS"/code.*
                SH,
        );
        self::assertSame([0, "204\n200\nwhile it computes\n 3 200\n 3 429\n3\n"], [$exit, $out]);
    }

    public function testManyWhoOnlyKnockCloseTheDoorToNobody(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                ulimit -n 4096
                "$PHP" -r '$open = []; for ($i = 0; $i < 1500; ++$i) {
                    $open[] = $one = @stream_socket_client("tcp://127.0.0.1:'"$WEB_PORT"'");
                    fwrite($one, "GET /api/ready HTTP/1.1\r\nHost: ");
                  }
                  echo count(array_filter($open)), "\n"; sleep(30);' > "$SOCKETS/knocked" & knocking=$!
                stand() { [ -s "$SOCKETS/knocked" ]; }
                wait_until 20 "1,500 connections" stand
                cat "$SOCKETS/knocked"
                curl -s -m 5 "http://127.0.0.1:$WEB_PORT/api/ready"; echo
                kill "$knocking"; rm "$SOCKETS/knocked"
                SH,
        );
        self::assertSame([0, "1500\n{\"php\":true,\"database\":true}\n"], [$exit, $out]);
    }

    private const CHECKSUMS = <<<'SH'
        checksums() {
          local tables
          tables="$(database_sql -Ne "SELECT GROUP_CONCAT(CONCAT('zumbo.', table_name) ORDER BY table_name)
            FROM information_schema.tables WHERE table_schema='zumbo'")"
          database_sql zumbo -Ne "CHECKSUM TABLE $tables"
        }
        console zumbo:demo --on 2026-11-24 >/dev/null
        file="$STATE/test.tar"

        SH;

    public function testABackupBringsEveryTableBackAndWhoeverWasErasedStaysErased(): void
    {
        [$exit, $out] = self::instance(
            self::CHECKSUMS.<<<'SH'
                echo sound > "$STATE/recordings/kept.wav"
                ( write_backup "$file" )
                before="$(checksums)"
                database_sql zumbo -e "SET foreign_key_checks=0; DELETE FROM attempt; UPDATE athlete SET name='Nobody'; DROP TABLE stature"
                rm "$STATE/recordings/kept.wav"
                ( open_backup "$file"; load_parts )
                [ "$(checksums)" = "$before" ] && [ "$(wc -l <<< "$before")" -gt 20 ] && echo "every table is back"
                [ "$(cat "$STATE/recordings/kept.wav")" = sound ] && echo "and the recordings"
                ids="$(database_sql zumbo -Ne "SELECT LOWER(CONCAT(HEX(gym_id), HEX(id))) FROM athlete LIMIT 1" \
                  | sed -E 's/(.{8})(.{4})(.{4})(.{4})(.{12})/\1-\2-\3-\4-\5 /g; s/ $//')"
                echo "$ids" > "$STATE/erased.txt"
                console zumbo:erase-again "$STATE/erased.txt"
                ( note_erased ); grep -qxF "$ids" "$(copies)/erased" && echo "and is on the list"
                database_sql zumbo -Ne 'SELECT COUNT(*) FROM athlete'
                rm -f "$file" "$STATE/recordings/kept.wav" "$(copies)/erased"
                SH,
        );
        self::assertSame([0, "every table is back\nand the recordings\n1 of 1 erased again\nand is on the list\n13\n"], [$exit, $out]);
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
                opened_with 's/^format 1/format 2/'
                opened_with 's/^format 2/format 1/; s/^schema .*/schema 29991231000000/'
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
            "zumbo: restore: $file.new was made by a newer Zumbo (format 2, here 1)",
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

    public function testTheDemosPasswordNeverGuardsAnOpenPortOrAGymOfOnesOwnUnasked(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                . "$ZUMBO_ROOT/ops/lib/demo.sh"
                none() { database_sql zumbo -e 'SET foreign_key_checks=0; DELETE FROM gym; DELETE FROM coach'; }
                loaded() {
                  load_demo_where_wanted "$@" >/dev/null
                  if demo_is_there; then echo "$1 ${2:-here}: demo"; else echo "$1 ${2:-here}: none"; fi
                }
                none; loaded no hall.local
                loaded no ''
                demo_was_changed || echo "as it was made"
                database_sql zumbo -e "INSERT INTO mutation (gym_id, id, body_hash, revision) SELECT id, id, '', 1 FROM gym"
                demo_was_changed && echo "changed by hand"
                ( load_demo_where_wanted no hall.local ); echo "exit $?"
                loaded yes hall.local
                none; database_sql zumbo -e "INSERT INTO gym SET id = UNHEX(MD5('ours')), name = 'Ours', time_zone = 'UTC', unit = 'cm',
                  trim_school = 'start-long', beginners_school = 'armpit', revision = 0, version = 1"
                loaded no ''
                loaded yes ''
                database_sql zumbo -Ne 'SELECT COUNT(*) FROM gym'
                none
                SH,
            strict: false,
        );
        self::assertSame(implode("\n", [
            'no hall.local: none', 'no here: demo', 'as it was made', 'changed by hand',
            'zumbo: the demo gym\'s password is published, and --tls opens the app to the network: say so with --demo, too', 'exit 1',
            'yes hall.local: demo', 'no here: none', 'yes here: demo', '2', '',
        ]), $out);
    }

    /** Five in a minute at one account, also when all come at the same moment. */
    public function testGuessesAtTheSameMomentAreCountedOneAfterTheOther(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                guess() { curl -s -o /dev/null -w '%{http_code}\n' -H 'Content-Type: application/json' -H 'csrf-token: csrf-token' \
                  -H "Origin: http://127.0.0.1:$WEB_PORT" -d '{"email":"'"$WHO"'@harbour.example","password":"guess"}' \
                  "http://127.0.0.1:$WEB_PORT/api/sign-in"; }
                export WEB_PORT WHO="guess$RANDOM$RANDOM"; export -f guess
                seq 24 | xargs -P 12 -I{} bash -c guess | sort | uniq -c | tr -s ' '
                SH,
        );
        self::assertSame([0, " 5 401\n 19 429\n"], [$exit, $out]);
    }

    public function testWhatThePageMayDoIsToldToTheBrowser(): void
    {
        [, $out] = self::instance(
            'curl -s -D - -o /dev/null "http://127.0.0.1:$WEB_PORT/" | tr -d "\r"; grep ssl_protocols "$SOCKETS/nginx.conf"',
        );
        self::assertStringContainsString("base-uri 'self'; form-action 'self'; object-src 'none'", $out);
        self::assertStringNotContainsString('Strict-Transport-Security', $out, 'plain HTTP on this machine');
        self::assertStringContainsString('ssl_protocols TLSv1.3;', $out);
    }

    public function testOtherUsersOfTheMachineReadNeitherLogsNorRecordingsNorReachTheHints(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                other() { setpriv --reuid nobody --regid nogroup --clear-groups "$@" 2>/dev/null && echo "nobody may $1"; }
                [ "$(id -u)" = 0 ] || exit 0
                [ -S "$SOCKETS/private/publish.sock" ] || echo "no socket"
                other ls "$STATE/recordings"; other ls "$STATE/log/app"; other ls "$STATE/log/nginx"; other cat "$STATE/secrets"
                other curl -s --unix-socket "$SOCKETS/private/publish.sock" -X POST http://x/publish/0
                other ls "$ZUMBO_ROOT" >/dev/null; true
                SH,
            strict: false,
        );
        self::assertSame([0, ''], [$exit, $out]);
    }

    public function testStopLeavesNothing(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                groups="$(for one in db fpm nginx worker sensor; do program_pid $one | cut -d' ' -f1; done)"
                stop_web; stop_database; stop_supervisor
                for group in $groups; do ! kill -0 -- "-$group" 2>/dev/null || echo "left: $group"; done
                show_instance
                start_database; start_web '' >/dev/null; web_runs && echo "and starts again"
                SH,
        );
        $none = implode('', array_map(
            static fn (string $name): string => "$name: does not run\n",
            ['db', 'fpm', 'nginx', 'worker', 'sensor'],
        ));
        self::assertSame([0, $none."and starts again\n"], [$exit, $out]);
    }

    /**
     * @return array{int, string} exit code, and all it said
     */
    private static function instance(string $script, bool $own = true, bool $strict = true): array
    {
        $root = \dirname(__DIR__, 2);
        $prelude = 'export ZUMBO_ROOT='.escapeshellarg($root)." APP_ENV=prod\nunset ZUMBO_NOW DATABASE_URL\n"
            ."for part in base packages build instance mariadb web supervise left_over backup; do\n"
            .". \"\$ZUMBO_ROOT/ops/lib/\$part.sh\"; done\n"
            .($own ? "use_instance kill\nWEB_USER=\"\$(service_user www-data)\"\n" : '')
            .($strict ? '' : "set +e\n");
        $file = tempnam(sys_get_temp_dir(), 'zumbo');
        file_put_contents($file, $prelude.$script);
        exec('bash '.escapeshellarg($file).' 2>&1 </dev/null', $lines, $exit);
        unlink($file);

        return [$exit, implode('', array_map(static fn (string $line): string => $line."\n", $lines))];
    }
}
