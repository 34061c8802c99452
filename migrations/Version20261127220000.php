<?php

declare(strict_types=1);

namespace Zumbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Sums of the log by set, stage and kind, and days by stage: what screens read instead of every entry.
 */
final class Version20261127220000 extends AbstractMigration
{
    private const OPTIONS = 'DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_uca1400_ai_ci';

    public function getDescription(): string
    {
        return 'Kept sums of the log';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE day_sum (gym_id BINARY(16) NOT NULL, set_id BINARY(16) NOT NULL,
            stage VARCHAR(8) NOT NULL, kind VARCHAR(8) NOT NULL, athlete_id BINARY(16) NOT NULL, local_day DATE NOT NULL,
            drill VARCHAR(40) NOT NULL, entries INT NOT NULL, reps INT NOT NULL, misses INT NOT NULL, best INT NOT NULL,
            doubts INT NOT NULL, INDEX day_sum_day (gym_id, local_day),
            INDEX day_sum_athlete (gym_id, athlete_id, local_day),
            INDEX day_sum_stage (gym_id, athlete_id, stage, local_day), PRIMARY KEY (gym_id, set_id, stage, kind),
            CONSTRAINT day_sum_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT day_sum_set FOREIGN KEY (gym_id, set_id) REFERENCES practice_set (gym_id, id)) '.self::OPTIONS);
        $this->addSql('CREATE TABLE stage_days (gym_id BINARY(16) NOT NULL, athlete_id BINARY(16) NOT NULL,
            stage VARCHAR(8) NOT NULL, days INT NOT NULL, PRIMARY KEY (gym_id, athlete_id, stage),
            CONSTRAINT stage_days_gym FOREIGN KEY (gym_id) REFERENCES gym (id),
            CONSTRAINT stage_days_of FOREIGN KEY (gym_id, athlete_id) REFERENCES athlete (gym_id, id)) '.self::OPTIONS);
        $this->addSql("INSERT INTO day_sum SELECT a.gym_id, a.set_id, a.stage, a.kind, p.athlete_id, p.local_day, s.drill,
            COUNT(*), SUM(a.reps), SUM(a.misses + IF(a.ended = 'miss', 1, 0)), MAX(a.reps), 0
            FROM attempt a JOIN practice_set s ON s.gym_id = a.gym_id AND s.id = a.set_id
            JOIN practice p ON p.gym_id = s.gym_id AND p.id = s.practice_id
            WHERE a.removed_at IS NULL GROUP BY a.gym_id, a.set_id, a.stage, a.kind");
        // As SameSet tells them, but for three in a row.
        $this->addSql("UPDATE day_sum d JOIN (
                SELECT l.gym_id, l.set_id, l.stage, l.kind, COUNT(DISTINCT l.id) AS doubts FROM attempt l
                JOIN attempt e ON e.gym_id = l.gym_id AND e.set_id = l.set_id AND e.stage = l.stage AND e.kind = l.kind
                    AND e.reps = l.reps AND e.misses = l.misses AND e.ended <=> l.ended AND e.logged_by <> l.logged_by
                    AND (e.logged_at, e.id) < (l.logged_at, l.id) AND TIMESTAMPDIFF(SECOND, e.logged_at, l.logged_at) <= 180
                WHERE l.removed_at IS NULL AND e.removed_at IS NULL AND l.confirmed = 0 AND l.logged_by <> ''
                    AND e.logged_by <> '' GROUP BY l.gym_id, l.set_id, l.stage, l.kind
            ) w ON w.gym_id = d.gym_id AND w.set_id = d.set_id AND w.stage = d.stage AND w.kind = d.kind
            SET d.doubts = w.doubts");
        $this->addSql('INSERT INTO stage_days SELECT gym_id, athlete_id, stage, COUNT(DISTINCT local_day) FROM day_sum
            GROUP BY gym_id, athlete_id, stage');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE stage_days');
        $this->addSql('DROP TABLE day_sum');
    }
}
