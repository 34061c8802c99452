<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Athletes;

use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\HttpKernel\KernelInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Tests\ApiTestCase;

/**
 * After a copy was put back: whoever was erased since it was made, and whoever it never knew.
 */
final class EraseAgainTest extends ApiTestCase
{
    public function testTheIdsStayKnownAlsoOfWhomTheCopyDoesNotHold(): void
    {
        $gym = $this->signInto();
        [$there, $never] = [$this->newAthlete(), self::id()];
        $list = (string) tempnam(sys_get_temp_dir(), 'erased');
        file_put_contents($list, $gym->toRfc4122()." $there\n".$gym->toRfc4122()." $never\n");
        $command = new CommandTester((new Application(self::service(KernelInterface::class)))->find('zumbo:erase-again'));
        $command->execute(['list' => $list]);
        unlink($list);
        self::assertStringContainsString('1 of 2 erased again', $command->getDisplay());
        $known = self::connection()->fetchFirstColumn('SELECT id FROM erased WHERE gym_id = ? ORDER BY id', [$gym->toBinary()]);
        $both = [Uuid::fromString($there)->toBinary(), Uuid::fromString($never)->toBinary()];
        sort($both);
        self::assertSame($both, $known);
    }
}
