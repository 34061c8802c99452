<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Write;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Exchange\Rule\ReadRow;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymDatabase;

/**
 * Finds the set of a drill in an athlete's practice of a day, and makes what is missing; for hundreds of entries at
 * once.
 */
final readonly class ImportedPractices
{
    public function __construct(private GymDatabase $database, private Gyms $gyms)
    {
    }

    /**
     * @param non-empty-list<ReadRow> $rows of one table
     * @param bool                    $last at the end of a long write: others may have made what is missing
     *
     * @return array<string, Uuid> by the id of the row; empty when they hang in no practice
     */
    public function setsFor(array $rows, bool $last = false): array
    {
        if (!$rows[0]->table->inPractice) {
            return [];
        }
        $timeZone = $this->gyms->current()->timeZone();
        $days = $first = [];
        foreach ($rows as $row) {
            $at = new \DateTimeImmutable($row->text('logged_at'));
            $days[$row->id] = $row->text('athlete_id').' '.LocalDay::of($at, $timeZone)->format('Y-m-d');
            $first[$days[$row->id]] ??= $at->format('Y-m-d H:i:s');
        }
        $practices = $this->practices($first, $last);
        $sets = $this->sets($rows, $days, $practices, $last);

        return array_map(
            static fn (ReadRow $row): Uuid => $sets[self::setKey($practices[$days[$row->id]], $row)],
            array_combine(array_map(static fn (ReadRow $row): string => $row->id, $rows), $rows),
        );
    }

    /**
     * @param non-empty-array<string, string> $first "athlete day" → the first instant of it
     *
     * @return array<string, Uuid> by the same
     */
    private function practices(array $first, bool $last): array
    {
        $pairs = [];
        foreach (array_keys($first) as $key) {
            [$athlete, $day] = explode(' ', $key);
            $pairs[] = \sprintf("(0x%s, '%s')", self::hex(Uuid::fromString($athlete)), $day);
        }
        $found = [];
        foreach (
            $this->database->rows(
                'SELECT id, athlete_id, local_day AS day FROM practice
                 WHERE gym_id = :gym AND (athlete_id, local_day) IN ('.implode(', ', $pairs).')'.self::reading($last),
            ) as $row
        ) {
            \assert(\is_string($row['id']) && \is_string($row['athlete_id']) && \is_string($row['day']));
            $found[Uuid::fromBinary($row['athlete_id'])->toRfc4122().' '.$row['day']] = Uuid::fromBinary($row['id']);
        }
        $made = $lines = [];
        foreach (array_diff_key($first, $found) as $key => $at) {
            [$athlete, $day] = explode(' ', $key);
            $made[$key] = Uuid::v7();
            $lines[] = \sprintf(
                "(:gym, 0x%s, 0x%s, '%s', '%s')",
                self::hex($made[$key]),
                self::hex(Uuid::fromString($athlete)),
                $day,
                $at,
            );
        }
        $this->insert('practice (gym_id, id, athlete_id, local_day, started_at)', $lines);

        return $found + $made;
    }

    /**
     * @param non-empty-list<ReadRow> $rows
     * @param array<string, string>   $days      by row
     * @param array<string, Uuid>     $practices by day
     *
     * @return array<string, Uuid> by practice and drill
     */
    private function sets(array $rows, array $days, array $practices, bool $last): array
    {
        $ids = array_map(static fn (Uuid $id): string => '0x'.self::hex($id), $practices);
        $found = [];
        foreach (
            $this->database->rows(
                'SELECT id, practice_id, drill FROM practice_set
                 WHERE gym_id = :gym AND practice_id IN ('.implode(', ', $ids).')'.self::reading($last),
            ) as $row
        ) {
            \assert(\is_string($row['id']) && \is_string($row['practice_id']) && \is_string($row['drill']));
            $found[bin2hex($row['practice_id']).' '.$row['drill']] = Uuid::fromBinary($row['id']);
        }
        $lines = $values = [];
        foreach ($rows as $i => $row) {
            $key = self::setKey($practices[$days[$row->id]], $row);
            if (isset($found[$key])) {
                continue;
            }
            $found[$key] = Uuid::v7();
            $lines[] = \sprintf(
                '(:gym, 0x%s, 0x%s, :drill%3$d, :stage%3$d)',
                self::hex($found[$key]),
                self::hex($practices[$days[$row->id]]),
                $i,
            );
            $values += ['drill'.$i => $row->text('drill'), 'stage'.$i => $row->text('stage')];
        }
        $this->insert('practice_set (gym_id, id, practice_id, drill, stage)', $lines, $values);

        return $found;
    }

    /**
     * In which sets entries stand that are here already.
     *
     * @param non-empty-list<ReadRow> $rows of one table
     *
     * @return list<Uuid>
     */
    public function setsOf(array $rows): array
    {
        if (!$rows[0]->table->inPractice) {
            return [];
        }
        $ids = array_map(static fn (ReadRow $row): string => '0x'.self::hex(Uuid::fromString($row->id)), $rows);

        return array_map(
            static fn (array $row): Uuid => Uuid::fromBinary(\is_string($row['set_id']) ? $row['set_id'] : ''),
            $this->database->rows(
                'SELECT DISTINCT set_id FROM attempt WHERE gym_id = :gym AND id IN ('.implode(', ', $ids).')',
            ),
        );
    }

    /** A reading that locks sees what was committed since; any other what was there when the transaction began. */
    private static function reading(bool $latest): string
    {
        return $latest ? ' LOCK IN SHARE MODE' : '';
    }

    /**
     * @param list<string>          $lines
     * @param array<string, string> $values
     */
    private function insert(string $into, array $lines, array $values = []): void
    {
        if ([] !== $lines) {
            $this->database->execute("INSERT INTO $into VALUES ".implode(', ', $lines), $values);
        }
    }

    private static function setKey(Uuid $practice, ReadRow $row): string
    {
        return self::hex($practice).' '.$row->text('drill');
    }

    private static function hex(Uuid $id): string
    {
        return bin2hex($id->toBinary());
    }
}
