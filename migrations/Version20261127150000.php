<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use Zumbo\App\Entity\People\Tag;

/**
 * Who wrote an entry, and that somebody has said it is right; the tag of an athlete becomes theirs for good.
 */
final class Version20261127150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Whose hand an entry is in; tags that stay';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE attempt ADD logged_by VARCHAR(80) DEFAULT '' NOT NULL,
            ADD confirmed TINYINT(1) DEFAULT 0 NOT NULL");
        $this->addSql("ALTER TABLE athlete ADD tag VARCHAR(3) DEFAULT '' NOT NULL");
        foreach ($this->tags() as [$gym, $id, $tag]) {
            $this->addSql('UPDATE athlete SET tag = ? WHERE gym_id = ? AND id = ?', [$tag, $gym, $id]);
        }
        $this->addSql('ALTER TABLE athlete CHANGE tag tag VARCHAR(3) NOT NULL,
            ADD UNIQUE INDEX athlete_tag (gym_id, tag)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE athlete DROP INDEX athlete_tag, DROP tag');
        $this->addSql('ALTER TABLE attempt DROP logged_by, DROP confirmed');
    }

    public function isTransactional(): bool
    {
        return false;
    }

    /**
     * @return list<array{string, string, string}> gym, athlete and tag; who came first takes the shortest
     */
    private function tags(): array
    {
        if (!$this->connection->createSchemaManager()->tablesExist(['athlete'])) {
            return [];
        }
        $given = $taken = [];
        $rows = $this->connection->fetchAllAssociative('SELECT gym_id, id, name FROM athlete ORDER BY created_at, id');
        foreach ($rows as ['gym_id' => $gym, 'id' => $id, 'name' => $name]) {
            \assert(\is_string($gym) && \is_string($id) && \is_string($name));
            $tag = Tag::free($name, $taken[$gym] ?? []);
            $taken[$gym][$tag] = true;
            $given[] = [$gym, $id, $tag];
        }

        return $given;
    }
}
