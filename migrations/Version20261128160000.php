<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * How a gym teaches, what coaches decide about gates, and a gym's own drills.
 */
final class Version20261128160000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Ways of teaching, decisions about gates, own drills';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE gym ADD ways VARCHAR(400) DEFAULT '' NOT NULL");
        $this->addSql("ALTER TABLE athlete ADD ways VARCHAR(400) DEFAULT '' NOT NULL, ADD placed_on DATE DEFAULT NULL");
        $this->addSql('CREATE TABLE gate_decision (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, athlete_id BINARY(16) DEFAULT NULL,
            stage VARCHAR(8) NOT NULL, deed VARCHAR(8) NOT NULL, choice VARCHAR(12) NOT NULL, asked INT DEFAULT NULL,
            with_feet TINYINT(1) NOT NULL, reason VARCHAR(200) NOT NULL, decided_by VARCHAR(80) NOT NULL,
            decided_at DATETIME NOT NULL, INDEX gate_decision_athlete (gym_id, athlete_id), PRIMARY KEY (gym_id, id),
            CONSTRAINT gate_decision_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT gate_decision_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id))');
        $this->addSql('CREATE TABLE own_drill (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, replaces VARCHAR(40) DEFAULT NULL,
            hidden TINYINT(1) NOT NULL, title VARCHAR(80) NOT NULL, stage VARCHAR(8) NOT NULL, notation VARCHAR(200) NOT NULL,
            cadence INT NOT NULL, count_kind VARCHAR(8) NOT NULL, aim INT NOT NULL, sets INT NOT NULL, cue VARCHAR(80) NOT NULL,
            why VARCHAR(300) NOT NULL, how VARCHAR(1000) NOT NULL, PRIMARY KEY (gym_id, id),
            CONSTRAINT own_drill_gym FOREIGN KEY (gym_id) REFERENCES gym (id))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE own_drill');
        $this->addSql('DROP TABLE gate_decision');
        $this->addSql('ALTER TABLE athlete DROP ways, DROP placed_on');
        $this->addSql('ALTER TABLE gym DROP ways');
    }
}
