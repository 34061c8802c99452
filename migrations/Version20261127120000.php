<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * What was noted of somebody's health becomes rows that are lifted and never removed; days that were stopped; the
 * school and the handles of an athlete, and a gym's school for beginners; two heights may be read on one day.
 */
final class Version20261127120000 extends AbstractMigration
{
    private const OPTIONS = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_uca1400_ai_ci` ENGINE = InnoDB';

    public function getDescription(): string
    {
        return 'Cautions with a history, stopped days, schools in force';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE noted_caution (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            athlete_id BINARY(16) NOT NULL, version INT DEFAULT 1 NOT NULL, caution VARCHAR(16) NOT NULL,
            place VARCHAR(12) DEFAULT NULL, degree SMALLINT DEFAULT NULL, note VARCHAR(500) DEFAULT \'\' NOT NULL,
            until_on DATE DEFAULT NULL, noted_on DATE NOT NULL, noted_at DATETIME NOT NULL,
            noted_by VARCHAR(80) NOT NULL, lifted_by VARCHAR(12) DEFAULT NULL, lifted_on DATE DEFAULT NULL,
            lifted_with VARCHAR(80) DEFAULT \'\' NOT NULL, lifted_words VARCHAR(500) DEFAULT \'\' NOT NULL,
            professional VARCHAR(120) DEFAULT \'\' NOT NULL, professional_on DATE DEFAULT NULL,
            stated_by VARCHAR(8) DEFAULT NULL, INDEX noted_caution_athlete (gym_id, athlete_id, noted_at),
            PRIMARY KEY (gym_id, id),
            CONSTRAINT noted_caution_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT noted_caution_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id))
            '.self::OPTIONS);
        $this->addSql('CREATE TABLE day_stop (gym_id BINARY(16) NOT NULL, id BINARY(16) NOT NULL,
            athlete_id BINARY(16) NOT NULL, version INT DEFAULT 1 NOT NULL, removed_at DATETIME DEFAULT NULL,
            local_day DATE NOT NULL, why VARCHAR(8) NOT NULL, stopped_by VARCHAR(80) NOT NULL,
            INDEX day_stop_athlete (gym_id, athlete_id, local_day), PRIMARY KEY (gym_id, id),
            CONSTRAINT day_stop_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT day_stop_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id))
            '.self::OPTIONS);
        // The id keeps the athlete's first eight bytes, so it stays a version 7 of the same moment; the rest is drawn
        // from the word, so that each caution has one of its own.
        $this->addSql("INSERT INTO noted_caution (gym_id, id, athlete_id, caution, note, noted_on, noted_at, noted_by)
            SELECT a.gym_id, CONCAT(SUBSTR(a.id, 1, 9), SUBSTR(UNHEX(MD5(CONCAT(HEX(a.id), c.word))), 10, 7)), a.id,
            c.word, a.caution_note, DATE(a.created_at), a.created_at, ''
            FROM athlete a, JSON_TABLE(a.cautions, '$[*]' COLUMNS (word VARCHAR(16) PATH '$')) c");
        // A note without a caution told of something as well: it stands as the mildest one.
        $this->addSql("INSERT INTO noted_caution (gym_id, id, athlete_id, caution, note, noted_on, noted_at, noted_by)
            SELECT a.gym_id, CONCAT(SUBSTR(a.id, 1, 9), SUBSTR(UNHEX(MD5(CONCAT(HEX(a.id), 'note'))), 10, 7)), a.id,
            'easy-weeks', a.caution_note, DATE(a.created_at), a.created_at, '' FROM athlete a
            WHERE a.caution_note <> '' AND JSON_LENGTH(a.cautions) = 0");
        $this->addSql('ALTER TABLE athlete DROP cautions, DROP caution_note, ADD school VARCHAR(16) DEFAULT NULL,
            ADD handle_length_m DOUBLE PRECISION DEFAULT NULL');
        $this->addSql("ALTER TABLE gym ADD beginners_school VARCHAR(16) DEFAULT 'armpit' NOT NULL");
        $this->addSql('ALTER TABLE stature DROP INDEX stature_day,
            ADD INDEX stature_day (gym_id, athlete_id, read_on)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql("ALTER TABLE athlete ADD cautions LONGTEXT DEFAULT '[]' NOT NULL,
            ADD caution_note VARCHAR(500) DEFAULT '' NOT NULL, DROP school, DROP handle_length_m");
        $this->addSql("UPDATE athlete a SET cautions = COALESCE((SELECT CONCAT('[',
            GROUP_CONCAT(DISTINCT CONCAT('\"', n.caution, '\"')), ']') FROM noted_caution n
            WHERE n.gym_id = a.gym_id AND n.athlete_id = a.id AND n.lifted_by IS NULL), '[]')");
        $this->addSql('ALTER TABLE gym DROP beginners_school');
        $this->addSql('DELETE s FROM stature s JOIN stature o ON o.gym_id = s.gym_id AND o.athlete_id = s.athlete_id
            AND o.read_on = s.read_on AND o.id > s.id');
        $this->addSql('ALTER TABLE stature DROP INDEX stature_day,
            ADD UNIQUE INDEX stature_day (gym_id, athlete_id, read_on)');
        $this->addSql('DROP TABLE noted_caution');
        $this->addSql('DROP TABLE day_stop');
    }

    public function isTransactional(): bool
    {
        return false;
    }
}
