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
        [$exit, $out] = $this->bash(\dirname(__DIR__, 2)."/zumbo $words");
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
        yield 'unknown benchmark' => ['bench luck', "'luck' is unknown"];
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
                SH,
        );
        self::assertSame(0, $exit, $out);
        self::assertStringContainsString('tls/server.pem: OK', $out);
        self::assertStringContainsString("600\n", $out, 'the key of the authority is for nobody else');
        self::assertStringContainsString('Certificate will expire', $out);
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

    public function testAProcessThatIsNotOursIsNeverSignalled(): void
    {
        [, $out] = $this->inLibrary(
            <<<'SH'
                sleep 30 & victim=$!
                echo $victim > pid
                end_process pid /nowhere/zumbo-mark Sleeper TERM
                kill -0 $victim && echo alive
                [ -e pid ] || echo forgotten
                kill $victim
                SH,
        );
        self::assertStringContainsString("alive\nforgotten", $out);
    }

    public function testAProcessOfOursIsEndedByItsPidFile(): void
    {
        [, $out] = $this->inLibrary(
            <<<'SH'
                mkdir mark
                cp "$(command -v sleep)" mark/ours
                "$PWD/mark/ours" 30 &
                echo $! > pid
                ours pid "$PWD/mark" > found
                end_process pid "$PWD/mark" Sleeper TERM
                cmp -s <(echo $!) found && echo found
                kill -0 $! 2>/dev/null || echo gone
                SH,
        );
        self::assertStringContainsString("found\ngone", $out);
    }

    public function testAPidFileWithNonsenseIsNobody(): void
    {
        [, $out] = $this->inLibrary('echo "1; rm x" > pid; ours pid / || echo nobody; ours missing / || echo nobody');
        self::assertStringContainsString("nobody\nnobody", $out);
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
        [, $out] = $this->inLibrary("port_is_free $port || echo taken; first_free_port $port");
        self::assertStringStartsWith("taken\n", $out);
        self::assertGreaterThan($port, (int) substr($out, 6));
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
                '; . '.
                escapeshellarg(\dirname(__DIR__, 2).'/ops/lib/base.sh').
                '; '.
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
