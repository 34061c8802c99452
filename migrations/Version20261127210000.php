<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Files that come in lie on the disk, as sound does: in the table they could not be larger than a packet.
 */
final class Version20261127210000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Files of imports lie on the disk';
    }

    public function up(Schema $schema): void
    {
        // What waits to be read or agreed to is asked for again.
        $this->addSql("UPDATE job SET state = 'refused', version = version + 1,
            fault = 'The file is no longer on the server: send it again.'
            WHERE kind = 'import' AND state IN ('waiting', 'reading', 'preview', 'agreed', 'writing')");
        $this->addSql('ALTER TABLE job DROP file');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE job ADD file LONGBLOB NOT NULL');
    }
}
