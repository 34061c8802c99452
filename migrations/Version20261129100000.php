<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * What became of one row is found at once.
 */
final class Version20261129100000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'an index of the trail by row';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE INDEX trail_row ON trail (gym_id, row_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX trail_row ON trail');
    }
}
