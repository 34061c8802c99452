<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Workouts that a gym keeps.
 */
final class Version20261129010000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'workouts of a gym';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE own_workout (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, name VARCHAR(80) NOT NULL,
            workout VARCHAR(2000) NOT NULL, PRIMARY KEY (gym_id, id),
            CONSTRAINT own_workout_gym FOREIGN KEY (gym_id) REFERENCES gym (id))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE own_workout');
    }
}
