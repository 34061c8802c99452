<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\SignIn;

use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;

/**
 * Guesses that come at the same moment count one after the other, wherever they come in: each process here is a machine of its own.
 */
final class GuessesAtOnceTest extends KernelTestCase
{
    private const MACHINES = 6;
    private const GUESSES = 4;

    public function testOfManyAtOnceNoMoreAreLetThroughThanMayBe(): void
    {
        $name = bin2hex(random_bytes(8));
        $script = \sprintf(
            <<<'PHP'
                <?php
                require %s;
                $kernel = new Zumbo\App\Kernel('test', false);
                $kernel->boot();
                $guesses = $kernel->getContainer()->get('test.service_container')->get('limiter.sign_in_account');
                usleep((int) (1e6 * max(0, %f - microtime(true))));
                for ($i = 0; $i < %d; ++$i) {
                    echo $guesses->create('%s')->consume()->isAccepted() ? 'y' : 'n';
                }
                PHP,
            var_export(\dirname(__DIR__, 2).'/vendor/autoload.php', true),
            microtime(true) + 1.5,
            self::GUESSES,
            $name,
        );
        // All begin at the same moment.
        $file = (string) tempnam(sys_get_temp_dir(), 'zumbo');
        file_put_contents($file, $script);
        $machines = array_map(
            static fn () => popen(escapeshellarg(\PHP_BINARY).' -d pcov.enabled=0 '.escapeshellarg($file).' 2>&1', 'r'),
            range(1, self::MACHINES),
        );
        $said = implode('', array_map(
            static fn ($machine): string => false === $machine ? '' : (string) stream_get_contents($machine),
            $machines,
        ));
        unlink($file);
        self::assertSame(['n' => self::MACHINES * self::GUESSES - 5, 'y' => 5], self::counted($said), $said);
    }

    /** @return array<string, int> */
    private static function counted(string $said): array
    {
        $counts = array_count_values(str_split($said));
        ksort($counts);

        return $counts;
    }
}
