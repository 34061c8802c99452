<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Demo;

use Doctrine\DBAL\Connection;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Demo\DemoIds;
use Zumbo\App\Tests\RealServices;

final class DemoTest extends KernelTestCase
{
    use RealServices;

    public function testLoadsTheSameFourteenAthletesEveryTime(): void
    {
        self::assertSame($this->load(), $this->load());
    }

    public function testTheDemoIsWhatTheScenarioPromises(): void
    {
        $athletes = $this->load();
        self::assertCount(14, $athletes);
        $statures = array_column($athletes, 'stature_m');
        sort($statures);
        self::assertSame([1.42, 2.03], [reset($statures), end($statures)]);
        self::assertCount(10, array_unique(array_column($athletes, 'stage')), 'all ten stages');
        self::assertCount(2, array_filter($athletes, static fn (array $athlete): bool => '[]' !== $athlete['cautions']));
        $ages = array_map(static fn (array $athlete): int => 2026 - (int) $athlete['birth_year'], $athletes);
        self::assertGreaterThan(10, min(array_column($athletes, 'attempts') ?: [0]), 'everybody has a log');
        sort($ages);
        self::assertSame([13, 64], [reset($ages), end($ages)]);
    }

    public function testRefusesADayThatIsNone(): void
    {
        $tester = $this->tester();
        self::assertSame(2, $tester->execute(['--on' => '2026-02-30']));
        self::assertStringContainsString('--on "2026-02-30": a day like 2026-11-24', $tester->getDisplay());
    }

    public function testDemoIdsAreUuidsOfVersion7(): void
    {
        $ids = new DemoIds(new \DateTimeImmutable('2026-08-26'));
        foreach (['gym', 'Ilse Tannow', 'Bram', 'x', 'y', 'z'] as $name) {
            self::assertTrue(UuidV7::isValid($ids->named($name)->toRfc4122()));
            self::assertSame('2026-01-01', $ids->named($name)->getDateTime()->format('Y-m-d'));
        }
        self::assertNotEquals($ids->named('x'), $ids->named('y'));
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function load(): array
    {
        self::assertSame(0, $this->tester()->execute(['--on' => '2026-11-24']));
        $gym = (new DemoIds(new \DateTimeImmutable()))->named('gym')->toBinary();

        return self::service(Connection::class)
            ->fetchAllAssociative('SELECT a.*, r.cable_length_m, r.family, (SELECT COUNT(*) FROM attempt t WHERE t.gym_id = a.gym_id AND t.athlete_id = a.id) AS attempts, (SELECT SUM(t.reps * t.version) FROM attempt t WHERE t.gym_id = a.gym_id AND t.athlete_id = a.id) AS reps FROM athlete a LEFT JOIN rope r ON r.gym_id = a.gym_id AND r.athlete_id = a.id WHERE a.gym_id = ? ORDER BY a.id', [$gym]);
    }

    private function tester(): CommandTester
    {
        self::ensureKernelShutdown();

        return new CommandTester((new Application(self::bootKernel()))->find('zumbo:demo'));
    }
}
