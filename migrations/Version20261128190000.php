<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The one clock of a class; where everybody stands; how large the hall and its mat are.
 */
final class Version20261128190000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Clock of the class, places in the hall';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE class_clock (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, local_day DATE NOT NULL,
            programmes JSON NOT NULL, stretches JSON NOT NULL, start_ms BIGINT NOT NULL, paused_at_ms BIGINT DEFAULT NULL,
            link_secret VARCHAR(64) NOT NULL, moved_by VARCHAR(80) NOT NULL,
            INDEX class_clock_open (gym_id, removed_at), PRIMARY KEY (gym_id, id),
            CONSTRAINT class_clock_gym FOREIGN KEY (gym_id) REFERENCES gym (id))');
        $this->addSql('CREATE TABLE hall_spot (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, athlete_id BINARY(16) NOT NULL,
            x_m DOUBLE PRECISION NOT NULL, y_m DOUBLE PRECISION NOT NULL,
            UNIQUE INDEX hall_spot_whose (gym_id, athlete_id), PRIMARY KEY (gym_id, id),
            CONSTRAINT hall_spot_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT hall_spot_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id))');
        $this->addSql('CREATE TABLE class_end (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL, local_day DATE NOT NULL,
            confirmed_by VARCHAR(80) NOT NULL, confirmed_at DATETIME NOT NULL, INDEX class_end_day (gym_id, local_day),
            PRIMARY KEY (gym_id, id), CONSTRAINT class_end_gym FOREIGN KEY (gym_id) REFERENCES gym (id))');
        $this->addSql('ALTER TABLE gym ADD hall_width_m DOUBLE PRECISION DEFAULT NULL, ADD hall_depth_m DOUBLE PRECISION DEFAULT NULL,
            ADD mat_width_m DOUBLE PRECISION DEFAULT NULL, ADD mat_depth_m DOUBLE PRECISION DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE hall_spot');
        $this->addSql('DROP TABLE class_clock');
        $this->addSql('DROP TABLE class_end');
        $this->addSql('ALTER TABLE gym DROP hall_width_m, DROP hall_depth_m, DROP mat_width_m, DROP mat_depth_m');
    }
}
