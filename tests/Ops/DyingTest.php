<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Ops;

/**
 * What an instance does when something of it dies, when it is started twice, or when somebody asks too much of it.
 */
final class DyingTest extends InstanceTestCase
{
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
                # What is asked for the first time takes its own time.
                ask -o /dev/null "$here/changes" > "$SOCKETS/first"; ask -o /dev/null "$here/athletes" > "$SOCKETS/first"
                heavy='{"reps":200,"rounds":10,"reps_per_s":1.8,"hazard":{"kind":"constant","q":0.3},"miss_cost_s":10,"break_cost_s":4}'
                # One is done in a moment on a quick machine: as many at once as are let in, for a while.
                busy() { for _ in 1 2 3 4 5 6 7 8; do ask -d "$heavy" -o "$SOCKETS/heavy.$1" "$here/calc/pace" > "$SOCKETS/code.$1"; done; }
                for i in 1 2 3; do busy "$i" & done
                sleep 0.1
                ask -o /dev/null "$here/athletes"; echo
                [ -n "$(jobs -r)" ] && echo "while it computes"
                wait
                for i in 1 2 3 4 5 6; do ask -d "$heavy" -o "$SOCKETS/heavy.$i" "$here/calc/pace" > "$SOCKETS/code.$i" & done
                wait
                cat "$SOCKETS"/code.* | fold -w 3 | sort | uniq -c | tr -s ' '
                grep -lF '"title":"Too much at once","status":429' "$SOCKETS"/heavy.* | wc -l
                rm -f "$jar" "$SOCKETS/first" "$SOCKETS"/heavy.* "$SOCKETS"/code.*
                SH,
        );
        self::assertSame([0, "204\n200\nwhile it computes\n 3 200\n 3 429\n3\n"], [$exit, $out]);
    }

    /** An export of a gym that is years old is far larger than anything else that is sent. */
    public function testALargeFileComesIn(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                run_logged kill-demo console zumbo:demo --on 2026-11-24
                jar="$SOCKETS/jar"; here="http://127.0.0.1:$WEB_PORT"
                id="01a21e4c-73e7-74ee-ad21-$(printf %012x $RANDOM)"
                ask() { curl -s -m 60 -b "$jar" -H 'csrf-token: csrf-token' -H "Origin: $here" -H 'Content-Type: application/json' "$@"; }
                ask -c "$jar" -o /dev/null -d '{"email":"maren@saltmarsh.example","password":"harbour rope 14"}' "$here/api/sign-in"
                { printf '{"format":"zumbo","version":1,'; head -c 20000000 /dev/zero | tr '\0' ' '
                  printf '"rack":[]}'; } > "$SOCKETS/large"
                ask -X PUT -H 'Expect:' --data-binary "@$SOCKETS/large" -o /dev/null -w '%{http_code}\n' "$here/api/imports/$id"
                looked() { ask "$here/api/imports/$id" | grep -q '"state":"preview"'; }
                wait_until 20 "the file to be read" looked
                database_sql zumbo -Ne "SELECT bytes > 19000000 FROM gym_file WHERE state = 'whole' AND id = UNHEX('${id//-/}')"
                rm -f "$jar" "$SOCKETS/large"
                SH,
        );
        self::assertSame([0, "201\n1\n"], [$exit, $out]);
    }

    public function testManyWhoOnlyKnockCloseTheDoorToNobody(): void
    {
        [$exit, $out] = self::instance(
            <<<'SH'
                ulimit -n 4096; rm -f "$SOCKETS/knocked"
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
}
