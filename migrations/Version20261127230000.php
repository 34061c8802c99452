<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Kept sums lie by day: half a year of a gym is read in one piece, whatever lies before it.
 */
final class Version20261127230000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Kept sums in the order of their days';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE day_sum ADD UNIQUE INDEX day_sum_set (gym_id, set_id, stage, kind), DROP PRIMARY KEY,
            ADD PRIMARY KEY (gym_id, local_day, set_id, stage, kind), DROP INDEX day_sum_day');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE day_sum ADD INDEX day_sum_day (gym_id, local_day), DROP PRIMARY KEY,
            ADD PRIMARY KEY (gym_id, set_id, stage, kind), DROP INDEX day_sum_set');
    }
}
