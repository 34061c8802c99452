<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The class hour: classes, practices, sets, attempts; and the feed of what changed.
 */
final class Version20261124000000 extends AbstractMigration
{
    private const OPTIONS = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_uca1400_ai_ci` ENGINE = InnoDB';

    public function getDescription(): string
    {
        return 'Classes, practices, sets, attempts, changes';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE gym_change (gym_id BINARY(16) NOT NULL, revision BIGINT UNSIGNED NOT NULL,
            kind VARCHAR(16) NOT NULL, row_id BINARY(16) NOT NULL, PRIMARY KEY (gym_id, revision),
            CONSTRAINT gym_change_gym FOREIGN KEY (gym_id) REFERENCES gym (id)) '.self::OPTIONS);
        $this->addSql('CREATE TABLE class_hour (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            name VARCHAR(80) NOT NULL, local_day DATE NOT NULL, starts_at DATETIME NOT NULL,
            INDEX class_hour_day (gym_id, local_day), PRIMARY KEY (gym_id, id),
            CONSTRAINT class_hour_gym FOREIGN KEY (gym_id) REFERENCES gym (id)) '.self::OPTIONS);
        $this->addSql('CREATE TABLE practice (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            athlete_id BINARY(16) NOT NULL, local_day DATE NOT NULL, started_at DATETIME NOT NULL,
            UNIQUE INDEX practice_day (gym_id, athlete_id, local_day), PRIMARY KEY (gym_id, id),
            CONSTRAINT practice_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT practice_athlete FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id,
            id)) '.self::OPTIONS);
        $this->addSql('CREATE TABLE practice_set (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            practice_id BINARY(16) NOT NULL, drill VARCHAR(40) NOT NULL, stage VARCHAR(8) NOT NULL,
            UNIQUE INDEX practice_set_drill (gym_id, practice_id, drill), PRIMARY KEY (gym_id, id),
            CONSTRAINT practice_set_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT practice_set_practice FOREIGN KEY (gym_id, practice_id) REFERENCES practice (gym_id,
            id)) '.self::OPTIONS);
        $this->addSql('CREATE TABLE attempt (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            set_id BINARY(16) NOT NULL, athlete_id BINARY(16) NOT NULL, stage VARCHAR(8) NOT NULL,
            kind VARCHAR(8) NOT NULL, reps INT NOT NULL, misses INT NOT NULL, ended VARCHAR(8) DEFAULT NULL,
            clean TINYINT(1) NOT NULL, logged_at DATETIME NOT NULL, version INT DEFAULT 1 NOT NULL,
            removed_at DATETIME DEFAULT NULL, INDEX attempt_athlete (gym_id, athlete_id, logged_at),
            INDEX attempt_time (gym_id, logged_at), INDEX attempt_set (gym_id, set_id), PRIMARY KEY (gym_id, id),
            CONSTRAINT attempt_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT attempt_set FOREIGN KEY (gym_id, set_id) REFERENCES practice_set (gym_id, id)) '.self::OPTIONS);
    }

    public function down(Schema $schema): void
    {
        foreach (['attempt', 'practice_set', 'practice', 'class_hour', 'gym_change'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
    }

    public function isTransactional(): bool
    {
        return false;
    }
}
