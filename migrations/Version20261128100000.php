<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Who is in the hall on an evening, and guests of one.
 */
final class Version20261128100000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Attendance by evening, and guests';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE athlete ADD guest_on DATE DEFAULT NULL');
        $this->addSql('CREATE TABLE attendance (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            local_day DATE NOT NULL, athlete_id BINARY(16) NOT NULL,
            mark VARCHAR(4) NOT NULL, marked_at DATETIME NOT NULL, marked_by VARCHAR(80) NOT NULL,
            UNIQUE INDEX attendance_day (gym_id, local_day, athlete_id), INDEX attendance_of (gym_id, athlete_id),
            PRIMARY KEY (gym_id, id),
            CONSTRAINT attendance_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT attendance_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE attendance');
        $this->addSql('ALTER TABLE athlete DROP guest_on');
    }
}
