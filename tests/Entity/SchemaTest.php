<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Entity;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Tools\SchemaValidator;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\ApplicationTester;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Tests\RealServices;

final class SchemaTest extends KernelTestCase
{
    use RealServices;

    public function testEntitiesAndMigratedSchemaAgree(): void
    {
        $validator = new SchemaValidator(self::service(EntityManagerInterface::class));
        self::assertSame([], $validator->validateMapping());
        // The migrations' own table has no entity.
        self::assertSame([], array_diff($validator->getUpdateSchemaList(), ['DROP TABLE schema_versions']));
    }

    /** Every table of a gym has the gym first in its key, so that no index and no foreign key can leave it out. */
    public function testEveryKeyBeginsWithTheGym(): void
    {
        $connection = self::service(Connection::class);
        $first = $connection->fetchAllKeyValue(
            "SELECT CONCAT(table_name, '.', index_name), column_name FROM information_schema.statistics
             WHERE table_schema = DATABASE() AND seq_in_index = 1 AND table_name IN (SELECT table_name
              FROM information_schema.columns WHERE table_schema = DATABASE() AND column_name = 'gym_id')",
        );
        unset($first['coach.coach_email']); // sign-in knows no gym yet
        self::assertNotEmpty($first);
        self::assertSame(['gym_id'], array_values(array_unique($first)));
    }

    public function testAPopulatedPreviousSchemaIsUpgradedWithoutLoss(): void
    {
        $own = self::service(Connection::class);
        $name = 'zumbo_test_upgrade';
        $own->executeStatement("DROP DATABASE IF EXISTS $name");
        $own->executeStatement("CREATE DATABASE $name CHARACTER SET utf8mb4 COLLATE utf8mb4_uca1400_ai_ci");
        $this->migrate($name, 'Zumbo\Migrations\Version20261101000000');
        $old = DriverManager::getConnection(['dbname' => $name] + $own->getParams());
        $athletes = $this->populate($old);
        $this->migrate($name, 'latest');
        $rows = $old->fetchAllAssociativeIndexed('SELECT name, stature_m, stage, version FROM athlete ORDER BY name');
        self::assertSame($athletes, array_map(static fn (array $row): string => (string) $row['stage'], $rows));
        self::assertEqualsWithDelta(1.7526, (float) $rows['none']['stature_m'], 1e-12);
        self::assertSame('cm', $old->fetchOne('SELECT unit FROM gym'));
        $this->migrate($name, 'first');
        $own->executeStatement("DROP DATABASE $name");
    }

    /**
     * @return array<string, string> the stage expected, by the experience each athlete is named after
     */
    private function populate(Connection $old): array
    {
        $gym = Uuid::v7()->toBinary();
        $old->insert('gym', ['id' => $gym, 'name' => 'Old gym', 'time_zone' => 'UTC']);
        $stages = ['linked-doubles' => 'hold', 'none' => 'jump', 'singles' => 'singles', 'some-doubles' => 'mix'];
        foreach ($stages as $experience => $stage) {
            $old->insert('athlete', [
                'gym_id' => $gym,
                'id' => Uuid::v7()->toBinary(),
                'name' => $experience,
                'stature_m' => 1.7526,
                'dominant_hand' => 'right',
                'experience' => $experience,
                'cautions' => '[]',
                'caution_note' => '',
                'created_at' => '2026-11-02 18:00:00',
            ]);
        }

        return $stages;
    }

    private function migrate(string $database, string $version): void
    {
        self::ensureKernelShutdown();
        $before = $_ENV['DATABASE_URL'] ?? $_SERVER['DATABASE_URL'];
        $_ENV['DATABASE_URL'] = $_SERVER['DATABASE_URL'] = (string) preg_replace(
            '#/zumbo_test\?#',
            "/$database?",
            (string) $before,
        );
        try {
            $application = new Application(self::bootKernel());
            $application->setAutoExit(false);
            $tester = new ApplicationTester($application);
            $tester->run([
                'command' => 'doctrine:migrations:migrate',
                'version' => $version,
                '--no-interaction' => true,
                '--allow-no-migration' => true,
            ]);
            self::assertSame(0, $tester->getStatusCode(), $tester->getDisplay());
        } finally {
            $_ENV['DATABASE_URL'] = $_SERVER['DATABASE_URL'] = $before;
            self::ensureKernelShutdown();
        }
    }
}
