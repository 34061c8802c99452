<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Ops;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The parts of ./zumbo that must not go wrong: whom it signals, how long it waits, what it says.
 */
final class ShellTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/zumbo shell '.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    #[DataProvider('misuse')]
    public function testMisuseIsOneLineAndExitTwo(string $words, string $says): void
    {
        [$exit, $out] = $this->bash(self::zumbo()." $words");
        self::assertSame(2, $exit);
        self::assertStringContainsString($says, $out);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function misuse(): iterable
    {
        yield 'unknown verb' => ['jump', "no verb 'jump'"];
        yield 'a port that is none' => ['start --port 80x', "--port '80x': a whole number from 1024 to 65535"];
        yield 'a port for root' => ['start --port 80', "--port '80': a whole number from 1024 to 65535"];
        yield 'no host for phones' => ['start --tls', "--tls '': this machine's name or address"];
        yield 'a host that is none' => ["start --tls 'a b'", "--tls 'a b': this machine's name or address"];
        yield 'unknown part' => ['test everything', "'everything' is unknown; accepted: core, app, web, e2e"];
        yield 'no such service' => ['service begin', "service: 'begin' is unknown; accepted: install, remove"];
        yield 'unknown benchmark' => ['bench luck', "'luck' is unknown"];
    }

    public function testTheUnitForBootIsWhatSystemdAcceptsAndGoesAgain(): void
    {
        $zumbo = 'ZUMBO_UNITS='.escapeshellarg($this->folder).' '.self::zumbo().' service ';
        [$exit, $out] = $this->bash($zumbo.'install');
        self::assertSame(0, $exit, $out);
        $units = glob($this->folder.'/zumbo-*.service');
        self::assertIsArray($units);
        self::assertCount(1, $units);
        [$exit, $out] = $this->bash('systemd-analyze verify '.escapeshellarg($units[0]));
        self::assertSame([0, ''], [$exit, $out]);
        self::assertStringContainsString('/zumbo" start', (string) file_get_contents($units[0]));
        foreach (['removed', 'nothing to remove'] as $said) {
            [$exit, $out] = $this->bash($zumbo.'remove');
            self::assertSame(0, $exit);
            self::assertStringStartsWith($said, $out);
        }
        self::assertFileDoesNotExist($units[0]);
    }

    private static function zumbo(): string
    {
        return escapeshellarg(\dirname(__DIR__, 2).'/zumbo');
    }

    /** What a phone checks: the name, the authority, the purpose, and that it is not valid for too long. */
    #[DataProvider('hosts')]
    public function testTheCertificateForPhonesIsForThatNameAndSignedByItsAuthority(string $host, string $check): void
    {
        $lib = \dirname(__DIR__, 2).'/ops/lib';
        [$exit, $out] = $this->inLibrary(
            <<<SH
                STATE=\$PWD VAR=\$PWD TLS_HOST=$host
                mkdir -p build log
                . '$lib/build.sh'
                . '$lib/tls.sh'
                prepare_tls
                openssl verify -CAfile tls/ca.pem -purpose sslserver $check tls/server.pem
                stat -c %a tls/ca.key
                openssl x509 -checkend \$((826 * 86400)) -noout -in tls/server.pem || true
                cp tls/server.pem before
                prepare_tls
                cmp before tls/server.pem && echo kept
                openssl req -new -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -subj /CN=x -keyout x.key -out x.csr 2>/dev/null
                printf 'subjectAltName=DNS:bank.example' > x.ext
                openssl x509 -req -in x.csr -CA tls/ca.pem -CAkey tls/ca.key -CAcreateserial -out x.pem -extfile x.ext 2>/dev/null
                openssl verify -CAfile tls/ca.pem x.pem || echo "no other name"
                SH,
        );
        self::assertSame(0, $exit, $out);
        self::assertStringContainsString('tls/server.pem: OK', $out);
        self::assertStringContainsString("600\n", $out, 'the key of the authority is for nobody else');
        self::assertStringContainsString('Certificate will expire', $out);
        self::assertStringContainsString('permitted subtree violation', $out);
        self::assertStringContainsString('no other name', $out);
        self::assertStringContainsString('kept', $out, 'the same name keeps its certificate');
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function hosts(): iterable
    {
        yield 'an address' => ['192.168.1.20', '-verify_ip 192.168.1.20'];
        yield 'a name' => ['hall.local', '-verify_hostname hall.local'];
    }

    public function testOnlyWhatIsOursByGroupOrByNatureIsEnded(): void
    {
        [, $out] = $this->inLibrary(
            <<<'SH'
                set +e
                . "$LIB/left_over.sh"
                cp "$(command -v sleep)" nginx
                alone() { setsid "$@" >/dev/null 2>&1 </dev/null & sleep 0.2; pgrep -n -f -- "^$*"; }
                ours="$(alone "$PWD/nginx" 8)"; reader="$(alone timeout 8 tail -f "$PWD/nginx")"; stranger="$(alone sleep 8.125)"
                lives() { [ -e "/proc/$1" ] && ! grep -q '^State:.Z' "/proc/$1/status" && echo "$2 lives"; }
                printf '%s %s\n' another-boot $stranger > group
                end_left_over nginx "$PWD/nginx" "$PWD/group" no
                lives $ours ours; lives $reader reader; lives $stranger stranger
                note_group group $stranger
                end_left_over nginx /nowhere "$PWD/group" yes
                lives $stranger stranger
                SH,
        );
        self::assertMatchesRegularExpression(
            '/^nginx: ends what .* group \\d+\\nreader lives\\nstranger lives\\nnginx: ends what .* group \\d+$/',
            $out,
        );
    }

    public function testWhatFallsAgainAndAgainRestsLongerAndLonger(): void
    {
        [, $out] = $this->inLibrary(
            '. "$LIB/left_over.sh"; sleep() { :; }; for i in $(seq 8); do rest_after_quick_falls falls; done; '
            .'echo "$(($(date +%s) - 60)) 7" > falls; rest_after_quick_falls falls; cut -d" " -f2 falls',
        );
        self::assertSame(
            "fell 3 times in a row; rests 2 s\nfell 4 times in a row; rests 4 s\nfell 5 times in a row; rests 8 s\n"
            ."fell 6 times in a row; rests 16 s\nfell 7 times in a row; rests 30 s\n0",
            $out,
        );
    }

    public function testEveryWaitEndsWithAMessage(): void
    {
        [$exit, $out] = $this->inLibrary('wait_until 1 "the tide" false');
        self::assertSame(1, $exit);
        self::assertStringContainsString('waited 1 s for the tide, in vain', $out);
    }

    public function testOnlyAChangeOfContentOrNameChangesTheKey(): void
    {
        [, $out] = $this->inLibrary(
            <<<'SH'
                mkdir src
                echo 1 > src/a
                one=$(content_key src)
                touch -d yesterday src/a
                [ $one = $(content_key src) ] && echo same
                echo 2 > src/a
                [ $one = $(content_key src) ] || echo other
                echo 1 > src/a
                mv src/a src/b
                [ $one = $(content_key src) ] || echo other
                SH,
        );
        self::assertStringContainsString("same\nother\nother", $out);
    }

    public function testATakenPortIsSteppedOver(): void
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($socket);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        [, $out] = $this->inLibrary("ZUMBO_PORTS=\$PWD/ports; port_is_free $port || echo taken; reserve_port $port");
        self::assertStringStartsWith("taken\n", $out);
        self::assertGreaterThan($port, (int) substr($out, 6));
    }

    public function testFoldersThatStartAtOnceGetPortsOfTheirOwnForGood(): void
    {
        [, $out] = $this->inLibrary(
            <<<'SH'
                export ZUMBO_PORTS="$PWD/ports"
                for i in 1 2 3 4 5 6 7 8; do mkdir "clone $i"; done
                for i in 1 2 3 4 5 6 7 8; do ( ZUMBO_ROOT="$PWD/clone $i"; reserve_port 45100 ) & done | sort -u | wc -l
                wait
                rmdir "clone 3"
                ZUMBO_ROOT="$PWD/clone 9" reserve_port 45100 >/dev/null
                sort -n ports | awk '{ print $1 }' | uniq -d | wc -l
                SH,
        );
        self::assertSame(['8', '1'], array_map('trim', explode("\n", $out)), 'one is given again: its folder is gone');
    }

    public function testSocketPathsStayShortHoweverDeepTheClone(): void
    {
        [, $out] = $this->bash(
            'ZUMBO_ROOT='.
                escapeshellarg($this->folder).
                ' bash -c '.
                escapeshellarg(
                    '. '.escapeshellarg(\dirname(__DIR__, 2).'/ops/lib/base.sh').'; echo "$RUN/test/fpm.sock"',
                ),
        );
        self::assertLessThan(107, \strlen(trim($out)));
    }

    /**
     * @return array{int, string}
     */
    private function inLibrary(string $script): array
    {
        return $this->bash(
            'export ZUMBO_ROOT='.
                escapeshellarg($this->folder).
                ' LIB='.
                escapeshellarg(\dirname(__DIR__, 2).'/ops/lib').
                '; . "$LIB/base.sh"; '.
                $script,
        );
    }

    /**
     * @return array{int, string}
     */
    private function bash(string $script): array
    {
        exec(
            'cd '.escapeshellarg($this->folder).' && bash -c '.escapeshellarg($script).' 2>&1 </dev/null',
            $lines,
            $exit,
        );

        return [$exit, implode("\n", $lines)];
    }
}
