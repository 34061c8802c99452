<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\Core\Path\SameSet;
use Zumbo\Core\Path\WrittenEntry;
use Zumbo\Core\Streak\AttemptEnd;

/**
 * Adds up the entries of sets and writes their sums. Rows that stay are changed in place and only those that go are
 * deleted: to delete what may not be there would hold the gap between others' rows.
 *
 * @phpstan-type Sum array{athlete: string, day: string, drill: string, stage: string, entries: int, reps: int, misses: int,
 *                         best: int, doubts: int}
 */
final readonly class CountSets
{
    private const COLUMNS = ['entries', 'reps', 'misses', 'best', 'doubts'];

    public function __construct(private GymDatabase $database)
    {
    }

    /**
     * @param list<Uuid> $sets
     * @param bool       $latest also what others committed since this transaction began
     *
     * @return array<string, array{athlete: string, stage: string}> whose sums came or went: their days are to be counted
     */
    public function anew(array $sets, bool $latest = false): array
    {
        if ([] === $sets) {
            return [];
        }
        $ids = implode(', ', array_unique(array_map(self::hex(...), $sets)));
        $sums = $this->sums($ids, $latest);
        $had = $this->had($ids, $latest);
        $this->write($sums);
        $this->drop(array_diff_key($had, $sums));
        $pairs = [];
        foreach (array_diff_key($sums, $had) + array_diff_key($had, $sums) as ['athlete' => $athlete, 'stage' => $stage]) {
            $pairs["$athlete $stage"] = ['athlete' => $athlete, 'stage' => $stage];
        }

        return $pairs;
    }

    /**
     * @param array<array{athlete: string, stage: string}> $pairs
     */
    public function days(array $pairs, bool $latest = false): void
    {
        foreach ($pairs as ['athlete' => $athlete, 'stage' => $stage]) {
            $row = $this->database->rows(
                "SELECT COUNT(DISTINCT local_day) AS days FROM day_sum
                 WHERE gym_id = :gym AND athlete_id = $athlete AND stage = :stage".self::reading($latest),
                ['stage' => $stage],
            )[0] ?? [];
            $this->database->execute(
                "INSERT INTO stage_days (gym_id, athlete_id, stage, days) VALUES (:gym, $athlete, :stage, :days)
                 ON DUPLICATE KEY UPDATE days = VALUES(days)",
                ['stage' => $stage, 'days' => $row['days'] ?? 0],
            );
        }
    }

    /** A reading that locks sees what was committed since; any other what was there when the transaction began. */
    private static function reading(bool $latest): string
    {
        return $latest ? ' LOCK IN SHARE MODE' : '';
    }

    /**
     * @return array<string, Sum> by set, stage and kind
     */
    private function sums(string $ids, bool $latest): array
    {
        $rows = $this->database->rows(
            'SELECT a.id, a.set_id, a.stage, a.kind, a.reps, a.misses, a.ended, a.logged_by, a.logged_at, a.confirmed,
             p.athlete_id, p.local_day, s.drill FROM practice_set s
             JOIN practice p ON p.gym_id = s.gym_id AND p.id = s.practice_id
             JOIN attempt a ON a.gym_id = s.gym_id AND a.set_id = s.id
             WHERE s.gym_id = :gym AND s.id IN ('.$ids.') AND a.removed_at IS NULL ORDER BY a.logged_at, a.id'.self::reading($latest),
        );
        $groups = [];
        foreach ($rows as $row) {
            \assert(\is_string($row['set_id']) && \is_string($row['stage']) && \is_string($row['kind']));
            $groups['0x'.bin2hex($row['set_id']).' '.$row['stage'].' '.$row['kind']][] = $row;
        }

        return array_map(self::sum(...), $groups);
    }

    /**
     * @param non-empty-list<array<string, mixed>> $rows of one set, stage and kind, the oldest first
     *
     * @return Sum
     */
    private static function sum(array $rows): array
    {
        [$reps, $misses, $best, $written] = [0, 0, 0, []];
        foreach ($rows as $row) {
            \assert(
                is_numeric($row['reps']) && is_numeric($row['misses']) && \is_string($row['id'])
                && \is_string($row['logged_by']) && \is_string($row['logged_at']),
            );
            $reps += (int) $row['reps'];
            $misses += (int) $row['misses'] + (AttemptEnd::Miss->value === $row['ended'] ? 1 : 0);
            $best = max($best, (int) $row['reps']);
            $written[] = new WrittenEntry(
                bin2hex($row['id']),
                $row['logged_by'],
                $row['reps'].' '.$row['misses'].' '.(\is_string($row['ended']) ? $row['ended'] : ''),
                (new \DateTimeImmutable($row['logged_at'].' UTC'))->getTimestamp(),
                \in_array($row['confirmed'], [1, '1', true], true),
            );
        }
        [$one] = $rows;
        \assert(
            \is_string($one['athlete_id']) && \is_string($one['local_day'])
            && \is_string($one['drill']) && \is_string($one['stage']),
        );

        return [
            'athlete' => '0x'.bin2hex($one['athlete_id']),
            'day' => $one['local_day'],
            'drill' => $one['drill'],
            'stage' => $one['stage'],
            'entries' => \count($rows),
            'reps' => $reps,
            'misses' => $misses,
            'best' => $best,
            'doubts' => \count(SameSet::pairs($written)),
        ];
    }

    /**
     * @return array<string, array{athlete: string, stage: string}> what is kept of these sets, by set, stage and kind
     */
    private function had(string $ids, bool $latest): array
    {
        $rows = $this->database->rows(
            'SELECT set_id, stage, kind, athlete_id FROM day_sum WHERE gym_id = :gym AND set_id IN ('.$ids.')'.self::reading($latest),
        );
        $had = [];
        foreach ($rows as $row) {
            \assert(
                \is_string($row['set_id']) && \is_string($row['stage'])
                && \is_string($row['kind']) && \is_string($row['athlete_id']),
            );
            $had['0x'.bin2hex($row['set_id']).' '.$row['stage'].' '.$row['kind']] = [
                'athlete' => '0x'.bin2hex($row['athlete_id']),
                'stage' => $row['stage'],
            ];
        }

        return $had;
    }

    /**
     * @param array<string, Sum> $sums
     */
    private function write(array $sums): void
    {
        $lines = $values = [];
        foreach ($sums as $key => $sum) {
            [$set, $stage, $kind] = explode(' ', $key);
            $i = \count($lines);
            $values['drill'.$i] = $sum['drill'];
            $numbers = array_map(static fn (string $column): int => $sum[$column], self::COLUMNS);
            $lines[] = \sprintf(
                "(:gym, %s, '%s', '%s', %s, '%s', :drill%d, %s)",
                $set,
                $stage,
                $kind,
                $sum['athlete'],
                $sum['day'],
                $i,
                implode(', ', $numbers),
            );
        }
        if ([] !== $lines) {
            $this->database->execute(
                'INSERT INTO day_sum (gym_id, set_id, stage, kind, athlete_id, local_day, drill, '
                .implode(', ', self::COLUMNS).') VALUES '.implode(', ', $lines).' ON DUPLICATE KEY UPDATE '
                .implode(', ', array_map(static fn (string $one): string => "$one = VALUES($one)", self::COLUMNS)),
                $values,
            );
        }
    }

    /**
     * @param array<string, mixed> $gone by set, stage and kind
     */
    private function drop(array $gone): void
    {
        foreach (array_keys($gone) as $key) {
            [$set, $stage, $kind] = explode(' ', $key);
            $this->database->execute(
                "DELETE FROM day_sum WHERE gym_id = :gym AND set_id = $set AND stage = :stage AND kind = :kind",
                ['stage' => $stage, 'kind' => $kind],
            );
        }
    }

    private static function hex(Uuid $id): string
    {
        return '0x'.bin2hex($id->toBinary());
    }
}
