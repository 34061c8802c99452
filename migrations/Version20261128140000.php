<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The classes of a gym's week, how it measures, and notes of an evening.
 */
final class Version20261128140000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Class times, how a gym measures, and notes of an evening';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE gym ADD class_times VARCHAR(4000) DEFAULT '' NOT NULL,
            ADD stance VARCHAR(12) DEFAULT NULL, ADD reading VARCHAR(12) DEFAULT NULL");
        $this->addSql('CREATE TABLE evening_note (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, local_day DATE NOT NULL,
            text VARCHAR(2000) NOT NULL, written_by VARCHAR(80) NOT NULL, written_at DATETIME NOT NULL,
            INDEX evening_note_day (gym_id, local_day), PRIMARY KEY (gym_id, id),
            CONSTRAINT evening_note_gym FOREIGN KEY (gym_id) REFERENCES gym (id))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE evening_note');
        $this->addSql('ALTER TABLE gym DROP class_times, DROP stance, DROP reading');
    }
}
