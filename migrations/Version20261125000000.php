<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The one fault an athlete works on.
 */
final class Version20261125000000 extends AbstractMigration
{
    private const OPTIONS = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_uca1400_ai_ci` ENGINE = InnoDB';

    public function getDescription(): string
    {
        return 'Focus of an athlete';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE focus (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            athlete_id BINARY(16) NOT NULL, fault VARCHAR(24) NOT NULL, signs JSON NOT NULL,
            given_at DATETIME NOT NULL, version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL,
            INDEX focus_athlete (gym_id, athlete_id, given_at), PRIMARY KEY (gym_id, id),
            CONSTRAINT focus_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT focus_athlete_key FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id,
            id)) '.self::OPTIONS);
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE focus');
    }

    public function isTransactional(): bool
    {
        return false;
    }
}
