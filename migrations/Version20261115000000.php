<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Ropes; the stage of an athlete, taken from the experience they came with; the unit a gym measures in.
 */
final class Version20261115000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Ropes, stages, units';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE gym ADD unit VARCHAR(8) NOT NULL DEFAULT 'cm'");
        $this->addSql('ALTER TABLE gym ALTER unit DROP DEFAULT');
        $this->addSql("ALTER TABLE athlete ADD stage VARCHAR(8) NOT NULL DEFAULT 'jump'");
        $this->addSql("UPDATE athlete SET stage = CASE experience WHEN 'singles' THEN 'singles'
         WHEN 'some-doubles' THEN 'mix' WHEN 'linked-doubles' THEN 'hold' ELSE 'jump' END");
        $this->addSql('ALTER TABLE athlete ALTER stage DROP DEFAULT');
        // The key carries the gym, so a rope can't point at an athlete of another one.
        $this->addSql('CREATE TABLE rope (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            athlete_id BINARY(16) NOT NULL, cable_length_m DOUBLE PRECISION NOT NULL,
            handle_length_m DOUBLE PRECISION NOT NULL, family VARCHAR(16) NOT NULL, school VARCHAR(16) NOT NULL,
            stance VARCHAR(12) NOT NULL, computed_cable_m DOUBLE PRECISION NOT NULL,
            override_reason VARCHAR(200) NOT NULL, version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL,
            created_at DATETIME NOT NULL, INDEX rope_athlete (gym_id, athlete_id, id), PRIMARY KEY (gym_id, id),
            CONSTRAINT rope_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT rope_athlete FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id,
            id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_uca1400_ai_ci` ENGINE = InnoDB');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE rope');
        $this->addSql('ALTER TABLE athlete DROP stage');
        $this->addSql('ALTER TABLE gym DROP unit');
    }

    public function isTransactional(): bool
    {
        return false;
    }
}
