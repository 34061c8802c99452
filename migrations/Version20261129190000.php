<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Locks that bind every machine.
 */
final class Version20261129190000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'locks in the database';
    }

    public function up(Schema $schema): void
    {
        // As Symfony's DoctrineDbalStore has it.
        $this->addSql('CREATE TABLE lock_keys (key_id VARCHAR(64) NOT NULL, key_token VARCHAR(44) NOT NULL,
            key_expiration INT UNSIGNED NOT NULL, PRIMARY KEY (key_id)) DEFAULT CHARACTER SET ascii COLLATE ascii_bin ENGINE = InnoDB');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE lock_keys');
    }
}
