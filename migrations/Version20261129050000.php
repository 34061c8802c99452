<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Workouts that athletes were paced through, and the ways of scaling that coaches chose for them.
 */
final class Version20261129050000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'workouts that athletes were paced through, and the ways that coaches chose for them';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE paced_run (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, athlete_id BINARY(16) NOT NULL,
            started_at DATETIME NOT NULL, run_by VARCHAR(80) NOT NULL, workout VARCHAR(2000) NOT NULL,
            expected_s DOUBLE PRECISION NOT NULL, low_s DOUBLE PRECISION NOT NULL, high_s DOUBLE PRECISION NOT NULL,
            wider DOUBLE PRECISION NOT NULL, finished TINYINT(1) NOT NULL, legs LONGTEXT NOT NULL,
            INDEX paced_run_of (gym_id, athlete_id, started_at), INDEX paced_run_time (gym_id, started_at), PRIMARY KEY (gym_id, id),
            CONSTRAINT paced_run_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT paced_run_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id))');
        $this->addSql('CREATE TABLE chosen_way (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, athlete_id BINARY(16) NOT NULL,
            workout VARCHAR(2000) NOT NULL, scaling VARCHAR(16) NOT NULL, doing VARCHAR(2000) NOT NULL, reason VARCHAR(200) NOT NULL,
            chosen_by VARCHAR(80) NOT NULL, chosen_at DATETIME NOT NULL,
            INDEX chosen_way_of (gym_id, athlete_id), PRIMARY KEY (gym_id, id),
            CONSTRAINT chosen_way_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT chosen_way_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE chosen_way');
        $this->addSql('DROP TABLE paced_run');
    }
}
