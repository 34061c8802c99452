<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * A job says what was asked for as a value of its own kind, whether it happens in real time,
 * and why nothing came of it.
 */
final class Version20261127090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Jobs with requests and faults';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE job ADD request LONGTEXT NOT NULL, ADD live TINYINT(1) DEFAULT 0 NOT NULL,
            ADD fault VARCHAR(500) DEFAULT NULL');
        $this->addSql("UPDATE job SET live = kind = 'sensor', request = CASE kind
            WHEN 'import' THEN JSON_OBJECT('format', format)
            WHEN 'sensor' THEN IF(file = '', '{}', CONVERT(file USING utf8mb4))
            ELSE JSON_OBJECT('keep', format = 'kept') END,
            fault = JSON_VALUE(result, '$.fault'),
            result = IF(JSON_VALUE(result, '$.fault') IS NULL, result, NULL)");
        $this->addSql("UPDATE job SET request = REPLACE(REPLACE(request, ': 1}', ': true}'), ': 0}', ': false}')
            WHERE kind = 'sound'");
        $this->addSql('ALTER TABLE job DROP format');
    }

    public function down(Schema $schema): void
    {
        $this->addSql("ALTER TABLE job ADD format VARCHAR(4) DEFAULT '' NOT NULL");
        $this->addSql("UPDATE job SET format = CASE kind WHEN 'import' THEN JSON_VALUE(request, '$.format')
            WHEN 'sensor' THEN 'live' ELSE IF(request LIKE '%true%', 'kept', 'once') END");
        $this->addSql('ALTER TABLE job DROP request, DROP live, DROP fault');
    }

    public function isTransactional(): bool
    {
        return false;
    }
}
