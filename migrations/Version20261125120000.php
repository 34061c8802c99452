<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * How tall athletes were, the rack of shared ropes, consent of guardians; and jobs with their files.
 */
final class Version20261125120000 extends AbstractMigration
{
    private const OPTIONS = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_uca1400_ai_ci` ENGINE = InnoDB';

    public function getDescription(): string
    {
        return 'Statures, rack, consent, jobs';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE stature (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            athlete_id BINARY(16) NOT NULL, read_on DATE NOT NULL, stature_m DOUBLE PRECISION NOT NULL,
            UNIQUE INDEX stature_day (gym_id, athlete_id, read_on), PRIMARY KEY (gym_id, id),
            CONSTRAINT stature_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT stature_athlete FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id,
            id)) '.self::OPTIONS);
        $this->addSql('CREATE TABLE rack_rope (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            tag VARCHAR(8) NOT NULL, cable_length_m DOUBLE PRECISION NOT NULL,
            handle_length_m DOUBLE PRECISION NOT NULL, family VARCHAR(16) NOT NULL, version INT DEFAULT 1 NOT NULL,
            removed_at DATETIME DEFAULT NULL, PRIMARY KEY (gym_id, id),
            CONSTRAINT rack_rope_gym FOREIGN KEY (gym_id) REFERENCES gym (id)) '.self::OPTIONS);
        $this->addSql('ALTER TABLE athlete ADD guardian_consent TINYINT(1) DEFAULT 0 NOT NULL');
        $this->addSql('INSERT INTO stature (gym_id, id, athlete_id, read_on, stature_m) SELECT gym_id, id, id,
            DATE(created_at), stature_m FROM athlete');
        $this->addSql('CREATE TABLE job (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            kind VARCHAR(8) NOT NULL, state VARCHAR(12) NOT NULL, asked_by BINARY(16) NOT NULL,
            format VARCHAR(4) NOT NULL, file LONGBLOB NOT NULL, done INT DEFAULT 0 NOT NULL,
            total INT DEFAULT 0 NOT NULL, result LONGTEXT DEFAULT NULL, cancelled TINYINT(1) DEFAULT 0 NOT NULL,
            tries INT DEFAULT 0 NOT NULL, created_at DATETIME NOT NULL, beat_at DATETIME DEFAULT NULL,
            version INT DEFAULT 1 NOT NULL, INDEX job_state (gym_id, state, created_at), PRIMARY KEY (gym_id, id),
            CONSTRAINT job_gym FOREIGN KEY (gym_id) REFERENCES gym (id)) '.self::OPTIONS);
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE athlete DROP guardian_consent');
        foreach (['job', 'rack_rope', 'stature'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
    }

    public function isTransactional(): bool
    {
        return false;
    }
}
