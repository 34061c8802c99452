<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The beat of a take stays with what was logged of it, and how hard a session felt is kept.
 */
final class Version20261129120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'the beat of logged takes, and the effort of sessions';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE attempt ADD cadence_per_min DOUBLE PRECISION DEFAULT NULL, ADD variation DOUBLE PRECISION DEFAULT NULL');
        $this->addSql(
            'CREATE TABLE session_effort (
                gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL, athlete_id BINARY(16) NOT NULL,
                done_on DATE NOT NULL, effort SMALLINT NOT NULL, minutes SMALLINT NOT NULL,
                said_by VARCHAR(80) DEFAULT \'\' NOT NULL, self_reported TINYINT(1) DEFAULT 0 NOT NULL,
                version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL,
                INDEX session_effort_day (gym_id, athlete_id, done_on), PRIMARY KEY(gym_id, id)
            ) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB',
        );
        $this->addSql(
            'ALTER TABLE session_effort ADD CONSTRAINT session_effort_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
             ADD CONSTRAINT session_effort_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id)',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE session_effort');
        $this->addSql('ALTER TABLE attempt DROP cadence_per_min, DROP variation');
    }
}
