<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Demo;

use Doctrine\DBAL\Connection;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Demo\DemoIds;
use Zumbo\App\Demo\HiddenTruth;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Tests\RealServices;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\Entry;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\GatesInForce;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Streak\WeibullFit;

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
        self::assertSame(
            ['Dmitri Palenko', 'Dmitri Palenko', 'Rosalind Peake'],
            array_column($this->rows(
                'SELECT a.name FROM noted_caution n JOIN athlete a ON a.gym_id = n.gym_id AND a.id = n.athlete_id
                 WHERE n.gym_id = ? AND a.name <> ? ORDER BY a.name',
                '',
            ), 'name'),
        );
        $ages = array_map(static fn (array $athlete): int => 2026 - (int) $athlete['birth_year'], $athletes);
        self::assertGreaterThan(10, min(array_column($athletes, 'attempts') ?: [0]), 'everybody has a log');
        sort($ages);
        self::assertSame([13, 64], [reset($ages), end($ages)]);
    }

    public function testThereIsARackOfEighteenAndThreeMonthsOfClasses(): void
    {
        $this->load();
        self::assertSame(18, (int) $this->one('SELECT COUNT(*) FROM rack_rope WHERE gym_id = ?'));
        self::assertSame(
            40,
            (int) $this->one('SELECT COUNT(*) FROM class_hour WHERE gym_id = ?'),
            'three a week for thirteen weeks, and tonight',
        );
        self::assertSame(
            '2026-08-25',
            substr((string) $this->one('SELECT MIN(logged_at) FROM attempt WHERE gym_id = ?'), 0, 10),
        );
        self::assertLessThan(
            '2026-11-24',
            substr((string) $this->one('SELECT MAX(logged_at) FROM attempt WHERE gym_id = ?'), 0, 10),
        );
    }

    /** The stories are hidden in the log; the tool has to find them. */
    public function testTheToolFindsWhatWasHidden(): void
    {
        $this->load();
        $callum = WeibullFit::shrunk($this->counted('Callum Reikie', 'workout'));
        self::assertInstanceOf(WeibullFit::class, $callum);
        self::assertGreaterThan(1.4, $callum->shape, 'his misses come with tiredness');

        $femi = GateOutlook::of(
            Stage::Mix,
            GatesInForce::usual(Ways::usual()),
            array_map(
                static fn (CountedReps $counted): Entry => new Entry(CountKind::Hold, $counted, true),
                $this->counted('Femi Adarou', 'mix'),
            ),
        );
        self::assertTrue($femi->isOpenNow(), 'ready, and does not know it');

        $bram = static fn (float $clean, float $tries): float => $clean / $tries;
        [$before, $after, $helped] = [
            $this->cleanTries('2026-10-01', '2026-10-21'),
            $this->cleanTries('2026-10-21', '2026-11-04'),
            $this->cleanTries('2026-11-04', '2026-11-24'),
        ];
        self::assertLessThan($bram(...$before), $bram(...$after), 'the shorter rope hurt');
        self::assertGreaterThan($bram(...$before), $bram(...$helped), 'and then helped');

        $wen = $this->rows(
            'SELECT s.stature_m FROM stature s JOIN athlete a ON a.gym_id = s.gym_id
             AND a.id = s.athlete_id WHERE s.gym_id = ? AND a.name = ? ORDER BY s.read_on',
            'Wen Jiahui',
        );
        self::assertSame([1.38, 1.4, 1.42], array_column($wen, 'stature_m'));
        self::assertSame(
            [],
            $this->rows(
                "SELECT 1 FROM practice p JOIN athlete a ON a.gym_id = p.gym_id AND a.id = p.athlete_id
                 WHERE p.gym_id = ? AND a.name = ? AND p.local_day BETWEEN '2026-10-06' AND '2026-10-26'",
                'Yara Benmoussa',
            ),
            'away for three weeks',
        );
    }

    public function testAPlateauStandsStillAndTheLastWeekReachesTheEnd(): void
    {
        $truth = new HiddenTruth(
            [0 => [Stage::Singles, 60.0, 320.0], 4 => [Stage::Range, 16.0, 30.0]],
            plateau: [6, 11],
        );
        $q = static fn (int $week): float => $truth->hazardIn($week, 1.0)->first(1)[0];
        self::assertSame($q(6), $q(10));
        self::assertGreaterThan($q(12), $q(11));
        self::assertEqualsWithDelta(1 - exp(-1 / 30.0), $q(12), 1e-12);
        self::assertEqualsWithDelta(1 - exp(-1 / 16.0), $q(4), 1e-12);
        self::assertSame(Stage::Singles, $truth->stageIn(3));
    }

    public function testRefusesADayThatIsNone(): void
    {
        $tester = $this->tester();
        self::assertSame(2, $tester->execute(['--on' => '2026-02-30']));
        self::assertStringContainsString('--on "2026-02-30": a day like 2026-11-24', $tester->getDisplay());
    }

    public function testTheDemoGymIsKnownByItsIdEverywhere(): void
    {
        $id = (new DemoIds(new \DateTimeImmutable('2026-08-26')))->named('gym')->toRfc4122();
        self::assertSame($id, Gym::DEMO_ID);
        self::assertStringContainsString(
            'DEMO_GYM='.str_replace('-', '', $id)."\n",
            (string) file_get_contents(\dirname(__DIR__, 2).'/ops/lib/demo.sh'),
        );
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

        return self::service(Connection::class)->fetchAllAssociative(
            'SELECT a.*, (SELECT SUM(r.cable_length_m * r.version) FROM rope r WHERE r.gym_id = a.gym_id
             AND r.athlete_id = a.id) AS ropes, (SELECT COUNT(*) FROM attempt t WHERE t.gym_id = a.gym_id
              AND t.athlete_id = a.id) AS attempts, (SELECT SUM(t.reps * t.version) FROM attempt t
               WHERE t.gym_id = a.gym_id AND t.athlete_id = a.id) AS reps FROM athlete a
                WHERE a.gym_id = ? ORDER BY a.id',
            [$gym],
        );
    }

    private function tester(): CommandTester
    {
        self::ensureKernelShutdown();

        return new CommandTester((new Application(self::bootKernel()))->find('zumbo:demo'));
    }

    /**
     * @return list<CountedReps>
     */
    private function counted(string $name, string $stage): array
    {
        $rows = $this->rows(
            'SELECT t.kind, t.reps, t.misses, t.ended FROM attempt t JOIN athlete a ON a.gym_id = t.gym_id
             AND a.id = t.athlete_id WHERE t.gym_id = ? AND a.name = ? AND t.stage = ? ORDER BY t.logged_at',
            $name,
            $stage,
        );

        return array_map(
            static fn (array $row): CountedReps => 'streak' === $row['kind']
                ? CountedReps::attempt((int) $row['reps'], AttemptEnd::from((string) $row['ended']))
                : CountedReps::counted((int) $row['reps'], (int) $row['misses']),
            $rows,
        );
    }

    /**
     * @return array{float, float} of Bram between two days: clean ones, tries
     */
    private function cleanTries(string $from, string $to): array
    {
        $row = $this->rows(
            'SELECT SUM(t.reps) AS clean, SUM(t.reps + t.misses) AS tries FROM attempt t
             JOIN athlete a ON a.gym_id = t.gym_id AND a.id = t.athlete_id WHERE t.gym_id = ? AND a.name = ?
              AND t.kind = ? AND t.logged_at >= ? AND t.logged_at < ?',
            'Bram Oosterveel',
            'tries',
            $from,
            $to,
        )[0];

        return [(float) $row['clean'], (float) $row['tries']];
    }

    private function one(string $sql): mixed
    {
        return array_values($this->rows($sql)[0])[0];
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function rows(string $sql, string ...$parameters): array
    {
        $gym = (new DemoIds(new \DateTimeImmutable()))->named('gym')->toBinary();

        return self::service(Connection::class)->fetchAllAssociative($sql, [$gym, ...$parameters]);
    }
}
