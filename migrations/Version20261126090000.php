<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The rope desk: taped landmarks and trim schools, inspections, cut tails, own cables, pins and who had which rope.
 */
final class Version20261126090000 extends AbstractMigration
{
    private const OPTIONS = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_uca1400_ai_ci` ENGINE = InnoDB';
    private const KEPT = 'version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL, PRIMARY KEY (gym_id, id)';

    public function getDescription(): string
    {
        return 'Rope desk';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE gym ADD version INT DEFAULT 1 NOT NULL,
            ADD trim_school VARCHAR(12) DEFAULT 'start-long' NOT NULL");
        $this->addSql('ALTER TABLE athlete ADD trim_school VARCHAR(12) DEFAULT NULL,
            ADD taped_shoulder_m DOUBLE PRECISION DEFAULT NULL, ADD taped_armpit_m DOUBLE PRECISION DEFAULT NULL,
            ADD taped_chest_m DOUBLE PRECISION DEFAULT NULL, ADD taped_breastbone_m DOUBLE PRECISION DEFAULT NULL');
        $this->addSql('CREATE TABLE cable (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            name VARCHAR(60) NOT NULL, diameter_m DOUBLE PRECISION NOT NULL, piece_m DOUBLE PRECISION NOT NULL,
            piece_g DOUBLE PRECISION NOT NULL, '.self::KEPT.',
            CONSTRAINT cable_gym FOREIGN KEY (gym_id) REFERENCES gym (id)) '.self::OPTIONS);
        $this->addSql("ALTER TABLE rope ADD cable_id BINARY(16) DEFAULT NULL, ADD tails_cut_on DATE DEFAULT NULL,
            ADD inspected_on DATE DEFAULT NULL, ADD failed JSON DEFAULT '[]' NOT NULL, ADD INDEX rope_cable (gym_id,
            cable_id), ADD CONSTRAINT rope_cable FOREIGN KEY (gym_id, cable_id) REFERENCES cable (gym_id, id)");
        $this->addSql("ALTER TABLE rack_rope ADD kept_back TINYINT(1) DEFAULT 0 NOT NULL,
            ADD inspected_on DATE DEFAULT NULL, ADD failed JSON DEFAULT '[]' NOT NULL");
        $this->addSql('CREATE TABLE rope_pin (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            athlete_id BINARY(16) NOT NULL, rack_rope_id BINARY(16) NOT NULL, INDEX rope_pin_athlete (gym_id,
            athlete_id), INDEX rope_pin_rope (gym_id, rack_rope_id), '.self::KEPT.',
            CONSTRAINT rope_pin_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT rope_pin_athlete FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id),
            CONSTRAINT rope_pin_rope FOREIGN KEY (gym_id, rack_rope_id) REFERENCES rack_rope (gym_id,
            id)) '.self::OPTIONS);
        $this->addSql('CREATE TABLE given_rope (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            athlete_id BINARY(16) NOT NULL, rack_rope_id BINARY(16) NOT NULL, local_day DATE NOT NULL,
            UNIQUE INDEX given_athlete_day (gym_id, athlete_id, local_day), UNIQUE INDEX given_rope_day (gym_id,
            rack_rope_id, local_day), PRIMARY KEY (gym_id, id),
            CONSTRAINT given_rope_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT given_rope_athlete FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id),
            CONSTRAINT given_rope_rope FOREIGN KEY (gym_id, rack_rope_id) REFERENCES rack_rope (gym_id,
            id)) '.self::OPTIONS);
    }

    public function down(Schema $schema): void
    {
        foreach (['given_rope', 'rope_pin'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
        $this->addSql('ALTER TABLE rack_rope DROP kept_back, DROP inspected_on, DROP failed');
        $this->addSql('ALTER TABLE rope DROP FOREIGN KEY rope_cable, DROP cable_id, DROP tails_cut_on,
            DROP inspected_on, DROP failed');
        $this->addSql('DROP TABLE cable');
        $this->addSql('ALTER TABLE athlete DROP trim_school, DROP taped_shoulder_m, DROP taped_armpit_m,
            DROP taped_chest_m, DROP taped_breastbone_m');
        $this->addSql('ALTER TABLE gym DROP version, DROP trim_school');
    }

    public function isTransactional(): bool
    {
        return false;
    }
}
