<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Gyms, coaches, athletes; what keeps writes single; sessions and counted sign-ins.
 */
final class Version20261101000000 extends AbstractMigration
{
    private const OPTIONS = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_uca1400_ai_ci` ENGINE = InnoDB';

    public function getDescription(): string
    {
        return 'Gyms, coaches, athletes';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE gym (id BINARY(16) NOT NULL, name VARCHAR(80) NOT NULL,
            time_zone VARCHAR(64) NOT NULL, revision BIGINT UNSIGNED DEFAULT 0 NOT NULL,
            PRIMARY KEY (id)) '.self::OPTIONS);
        $this->addSql('CREATE TABLE coach (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            email VARCHAR(180) NOT NULL, name VARCHAR(80) NOT NULL, role VARCHAR(8) NOT NULL,
            password_hash VARCHAR(255) NOT NULL, UNIQUE INDEX coach_email (email), PRIMARY KEY (gym_id, id),
            CONSTRAINT coach_gym FOREIGN KEY (gym_id) REFERENCES gym (id)) '.self::OPTIONS);
        $this->addSql('CREATE TABLE athlete (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            name VARCHAR(80) NOT NULL, stature_m DOUBLE PRECISION NOT NULL, dominant_hand VARCHAR(8) NOT NULL,
            experience VARCHAR(16) NOT NULL, cautions JSON NOT NULL, caution_note VARCHAR(500) NOT NULL,
            birth_year SMALLINT DEFAULT NULL, version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL,
            created_at DATETIME NOT NULL, PRIMARY KEY (gym_id, id),
            CONSTRAINT athlete_gym FOREIGN KEY (gym_id) REFERENCES gym (id)) '.self::OPTIONS);
        $this->addSql('CREATE TABLE mutation (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            body_hash BINARY(32) NOT NULL, revision BIGINT UNSIGNED NOT NULL, PRIMARY KEY (gym_id, id),
            CONSTRAINT mutation_gym FOREIGN KEY (gym_id) REFERENCES gym (id)) '.self::OPTIONS);
        $this->addSql('CREATE TABLE sessions (sess_id VARBINARY(128) NOT NULL, sess_data BLOB NOT NULL,
            sess_lifetime INT UNSIGNED NOT NULL, sess_time INT UNSIGNED NOT NULL,
            INDEX sess_lifetime_idx (sess_lifetime), PRIMARY KEY (sess_id)) '.self::OPTIONS);
        $this->addSql('CREATE TABLE cache_items (item_id VARBINARY(255) NOT NULL, item_data MEDIUMBLOB NOT NULL,
            item_lifetime INT UNSIGNED DEFAULT NULL, item_time INT UNSIGNED NOT NULL,
            PRIMARY KEY (item_id)) '.self::OPTIONS);
    }

    public function down(Schema $schema): void
    {
        foreach (['cache_items', 'sessions', 'mutation', 'athlete', 'coach', 'gym'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
    }

    public function isTransactional(): bool
    {
        return false;
    }
}
