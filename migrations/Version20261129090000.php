<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Athletes' own cards, what a withdrawn one sent, and which entries an athlete counted.
 */
final class Version20261129090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'athletes\' own cards, what a withdrawn one sent, and which entries an athlete counted';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE attempt ADD self_reported TINYINT(1) DEFAULT 0 NOT NULL');
        $this->addSql('CREATE TABLE athlete_card (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, athlete_id BINARY(16) NOT NULL,
            holder VARCHAR(8) NOT NULL, secret_hash BINARY(32) NOT NULL, made_by VARCHAR(80) NOT NULL,
            made_at DATETIME NOT NULL, expires_at DATETIME NOT NULL,
            INDEX athlete_card_of (gym_id, athlete_id), PRIMARY KEY (gym_id, id),
            CONSTRAINT athlete_card_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT athlete_card_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id))');
        $this->addSql('CREATE TABLE card_aside (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, athlete_id BINARY(16) NOT NULL,
            made_at DATETIME NOT NULL, entry VARCHAR(1000) NOT NULL,
            INDEX card_aside_of (gym_id, athlete_id), PRIMARY KEY (gym_id, id),
            CONSTRAINT card_aside_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT card_aside_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE card_aside');
        $this->addSql('DROP TABLE athlete_card');
        $this->addSql('ALTER TABLE attempt DROP self_reported');
    }
}
