<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The practice planned for a day, the weeks that were accepted for an athlete, links to calendars and what a coach changes often.
 */
final class Version20261128220000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Planned practices, accepted weeks, calendar links';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE planned_practice (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, local_day DATE NOT NULL, wish JSON NOT NULL,
            before_wishes JSON NOT NULL, changed_by VARCHAR(80) NOT NULL, INDEX planned_practice_day (gym_id, local_day),
            PRIMARY KEY (gym_id, id), CONSTRAINT planned_practice_gym FOREIGN KEY (gym_id) REFERENCES gym (id))');
        $this->addSql('CREATE TABLE accepted_weeks (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, athlete_id BINARY(16) NOT NULL, from_day DATE NOT NULL,
            facts JSON NOT NULL, accepted_by VARCHAR(80) NOT NULL, accepted_at DATETIME NOT NULL,
            INDEX accepted_weeks_athlete (gym_id, athlete_id), PRIMARY KEY (gym_id, id),
            CONSTRAINT accepted_weeks_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT accepted_weeks_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id))');
        $this->addSql('CREATE TABLE calendar_link (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, athlete_id BINARY(16) DEFAULT NULL,
            secret VARCHAR(64) NOT NULL, made_by VARCHAR(80) NOT NULL, made_at DATETIME NOT NULL,
            INDEX calendar_link_athlete (gym_id, athlete_id), PRIMARY KEY (gym_id, id),
            CONSTRAINT calendar_link_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT calendar_link_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE calendar_link');
        $this->addSql('DROP TABLE accepted_weeks');
        $this->addSql('DROP TABLE planned_practice');
    }
}
