<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * How people get in: the code for the first gym, links for one use, and where somebody is signed in.
 */
final class Version20261128060000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Invitations, reset links, signed-in devices, the code of the first gym';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE first_code (id TINYINT UNSIGNED NOT NULL PRIMARY KEY, code VARCHAR(20) NOT NULL)');
        $this->addSql('ALTER TABLE coach ADD version INT DEFAULT 1 NOT NULL');
        $this->addSql('CREATE TABLE way_in (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL, removed_at DATETIME DEFAULT NULL,
            version INT DEFAULT 1 NOT NULL, kind VARCHAR(10) NOT NULL, role VARCHAR(8) NOT NULL, name VARCHAR(80) NOT NULL,
            secret_hash BINARY(32) NOT NULL, made_by VARCHAR(80) NOT NULL, expires_at DATETIME NOT NULL,
            coach_id BINARY(16) DEFAULT NULL, used_at DATETIME DEFAULT NULL, PRIMARY KEY (gym_id, id),
            CONSTRAINT way_in_gym FOREIGN KEY (gym_id) REFERENCES gym (id))');
        $this->addSql('CREATE TABLE signed_in_device (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            coach_id BINARY(16) NOT NULL, session_id VARBINARY(128) NOT NULL, device VARCHAR(80) NOT NULL,
            signed_in_at DATETIME NOT NULL, INDEX signed_in_device_coach (gym_id, coach_id), PRIMARY KEY (gym_id, id),
            CONSTRAINT signed_in_device_gym FOREIGN KEY (gym_id) REFERENCES gym (id))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE signed_in_device');
        $this->addSql('DROP TABLE way_in');
        $this->addSql('ALTER TABLE coach DROP version');
        $this->addSql('DROP TABLE first_code');
    }
}
