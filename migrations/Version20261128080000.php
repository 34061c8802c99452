<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * What a gym says of its hall and its handles.
 */
final class Version20261128080000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Usual handle and ceiling of a gym';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE gym ADD handle_length_m DOUBLE PRECISION DEFAULT NULL, ADD ceiling_m DOUBLE PRECISION DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE gym DROP handle_length_m, DROP ceiling_m');
    }
}
