<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Ops;

/**
 * What a running instance keeps from whom.
 */
final class GuardingTest extends InstanceTestCase
{
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

    public function testAStreamEndsWithItsSessionAndAnotherGoesOn(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                run_logged kill-demo console zumbo:demo --on 2026-11-24
                here="http://127.0.0.1:$WEB_PORT"
                ask() { curl -s -m 20 -H 'Content-Type: application/json' -H 'csrf-token: csrf-token' -H "Origin: $here" "$@"; }
                listen() { exec curl -s -m 15 -N -H 'Accept: text/event-stream' -b "$SOCKETS/$1" -o "$SOCKETS/$1.stream" "$here/api/live"; }
                for one in ours theirs; do
                  ask -c "$SOCKETS/$one" -o /dev/null "$here/api/sign-in" \
                    -d '{"email":"maren@saltmarsh.example","password":"harbour rope 14"}'
                done
                listen ours & ours=$!
                listen theirs & theirs=$!
                open() { [ -s "$SOCKETS/ours.stream" ] && [ -s "$SOCKETS/theirs.stream" ]; }
                wait_until 5 "the streams" open
                ask -b "$SOCKETS/ours" -o /dev/null -w '%{http_code}\n' -d '{}' "$here/api/sign-out"
                ended() { ! kill -0 "$ours"; }
                wait_until 3 "the stream to end" ended && echo "ours has ended"
                ask -b "$SOCKETS/theirs" -o /dev/null -X PUT -w '%{http_code}\n' \
                  -d '{"name":"Short","diameterMm":2.5,"piece":"3 m","grams":20}' "$here/api/cables/01a21e4c-73e7-74ee-ad21-d3c2e4e114ae"
                hinted() { grep -q '^data: changed' "$SOCKETS/theirs.stream"; }
                wait_until 3 "a hint" hinted && echo "theirs goes on"
                kill "$theirs"; grep -c '^data: changed' "$SOCKETS/ours.stream"
                rm -f "$SOCKETS"/{ours,theirs}{,.stream}
                SH,
            strict: false,
        );
        self::assertSame([0, "204\nours has ended\n201\ntheirs goes on\n0\n"], [$exit, $out]);
    }

    /** Else every look at a screen would wait for the disk. */
    public function testLookingWritesNothing(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                run_logged kill-demo console zumbo:demo --on 2026-11-24
                here="http://127.0.0.1:$WEB_PORT"; jar="$SOCKETS/jar"
                curl -s -c "$jar" -o /dev/null -H 'Content-Type: application/json' -H 'csrf-token: csrf-token' -H "Origin: $here" \
                  -d '{"email":"maren@saltmarsh.example","password":"harbour rope 14"}' "$here/api/sign-in"
                written() { database_sql -Ne "SELECT SUM(variable_value) FROM information_schema.global_status
                  WHERE variable_name IN ('COM_INSERT', 'COM_UPDATE', 'COM_DELETE', 'COM_REPLACE')"; }
                curl -s -b "$jar" -o /dev/null "$here/api/class"
                before="$(written)"
                for path in class athletes class me changes; do curl -s -b "$jar" -o /dev/null -w '%{http_code} ' "$here/api/$path"; done
                echo "$(($(written) - before)) written"
                database_sql zumbo -e "UPDATE sessions SET sess_data = REGEXP_REPLACE(sess_data, '\"u\";i:[0-9]+', '\"u\";i:1')"
                database_sql zumbo -e 'UPDATE sessions SET sess_time = sess_time - 400'
                before="$(written)"
                curl -s -b "$jar" -o /dev/null "$here/api/me"; echo "$(($(written) - before)) after five minutes"
                database_sql zumbo -Ne 'SELECT COUNT(*) FROM sessions WHERE sess_time >= UNIX_TIMESTAMP() - 60'
                rm "$jar"
                SH,
        );
        self::assertSame([0, "200 200 200 200 200 0 written\n1 after five minutes\n1\n"], [$exit, $out]);
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

    public function testOtherUsersOfTheMachineReadNoLogsNorReachTheHints(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                other() { setpriv --reuid nobody --regid nogroup --clear-groups "$@" 2>/dev/null && echo "nobody may $1"; }
                [ "$(id -u)" = 0 ] || exit 0
                [ -S "$SOCKETS/private/publish.sock" ] || echo "no socket"
                other ls "$STATE/log/app"; other ls "$STATE/log/nginx"; other cat "$STATE/secrets"
                other curl -s --unix-socket "$SOCKETS/private/publish.sock" -X POST http://x/publish/0
                other ls "$ZUMBO_ROOT" >/dev/null; true
                SH,
            strict: false,
        );
        self::assertSame([0, ''], [$exit, $out]);
    }
}
