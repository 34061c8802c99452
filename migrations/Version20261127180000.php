<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Who was erased: ids and nothing else, so that no older copy brings anybody back.
 */
final class Version20261127180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Ids of erased athletes';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE erased (
            gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL, erased_at DATETIME NOT NULL, PRIMARY KEY (gym_id, id)
        ) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_uca1400_ai_ci');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE erased');
    }

    public function isTransactional(): bool
    {
        return false;
    }
}
