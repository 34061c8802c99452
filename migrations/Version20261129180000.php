<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Recordings and imports lie in the database, where every machine reaches them.
 */
final class Version20261129180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'files in the database';
    }

    public function up(Schema $schema): void
    {
        $end = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB';
        $this->addSql(
            "CREATE TABLE gym_file (
                gym_id BINARY(16) NOT NULL, copy BINARY(16) NOT NULL, kind VARCHAR(12) NOT NULL, id BINARY(16) NOT NULL,
                state VARCHAR(6) NOT NULL, bytes BIGINT NOT NULL, begun_at DATETIME NOT NULL,
                INDEX gym_file_id (gym_id, kind, id), PRIMARY KEY (gym_id, copy),
                CONSTRAINT gym_file_gym FOREIGN KEY (gym_id) REFERENCES gym (id)
            ) $end",
        );
        $this->addSql(
            "CREATE TABLE gym_file_piece (
                gym_id BINARY(16) NOT NULL, copy BINARY(16) NOT NULL, at_byte BIGINT NOT NULL, content MEDIUMBLOB NOT NULL,
                PRIMARY KEY (gym_id, copy, at_byte),
                CONSTRAINT gym_file_piece_of FOREIGN KEY (gym_id, copy) REFERENCES gym_file (gym_id, copy)
            ) $end",
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE gym_file_piece, gym_file');
    }
}
