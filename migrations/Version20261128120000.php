<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Who changed what, with what stood there before.
 */
final class Version20261128120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The trail of changes';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE trail (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            done_at DATETIME NOT NULL, done_by VARCHAR(80) NOT NULL, athlete_id BINARY(16) DEFAULT NULL,
            kind VARCHAR(16) NOT NULL, row_id BINARY(16) NOT NULL, row_name VARCHAR(180) NOT NULL,
            deed VARCHAR(8) NOT NULL, changes LONGTEXT NOT NULL, written_here TINYINT(1) DEFAULT 0 NOT NULL,
            INDEX trail_of (gym_id, athlete_id, id), PRIMARY KEY (gym_id, id),
            CONSTRAINT trail_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT trail_whose FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE trail');
    }
}
