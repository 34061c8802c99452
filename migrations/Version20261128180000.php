<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The cue that was said, and goes under it; "size" of a rope becomes what was wrong with it.
 */
final class Version20261128180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Cues and the goes under them';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE focus ADD cue VARCHAR(120) DEFAULT '' NOT NULL");
        $this->addSql("UPDATE focus SET fault = CASE WHEN signs LIKE '%rope-without-feel%' THEN 'rope-light'
            WHEN signs LIKE '%catches-toes%' THEN 'rope-short' ELSE 'rope-long' END WHERE fault = 'rope-size'");
        $this->addSql('CREATE TABLE focus_go (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, focus_id BINARY(16) NOT NULL,
            athlete_id BINARY(16) NOT NULL, fault VARCHAR(24) NOT NULL, cue VARCHAR(120) NOT NULL,
            outcome VARCHAR(8) NOT NULL, gone_at DATETIME NOT NULL,
            INDEX focus_go_athlete (gym_id, athlete_id, gone_at), PRIMARY KEY (gym_id, id),
            CONSTRAINT focus_go_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT focus_go_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE focus_go');
        $this->addSql('ALTER TABLE focus DROP cue');
    }
}
