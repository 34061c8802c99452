<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\Core\Stage\Stage;

/**
 * The kept sums of the current gym's log. Whoever writes entries has the sums of their sets renewed in the same
 * transaction; `zumbo:rebuild-sums` makes all of them anew.
 */
final readonly class DaySums
{
    private const PAGE = 500;

    public function __construct(private GymDatabase $database, private CountSets $count)
    {
    }

    /**
     * @param \DateTimeImmutable $from    local day
     * @param Uuid|null          $athlete null: of everybody
     *
     * @return array<string, list<SetSum>> by athlete id, the oldest first
     */
    public function since(\DateTimeImmutable $from, ?Uuid $athlete = null): array
    {
        $rows = $this->database->rows(
            'SELECT athlete_id, local_day, set_id, stage, kind, drill, entries, reps, misses, best, doubts FROM day_sum
             WHERE gym_id = :gym AND local_day >= :from'
            .(null === $athlete ? '' : ' AND athlete_id = :athlete')
            .' ORDER BY local_day, drill',
            ['from' => $from->format('Y-m-d')] + (null === $athlete ? [] : ['athlete' => $athlete]),
            null === $athlete ? [] : ['athlete' => UuidType::NAME],
        );
        $utc = new \DateTimeZone('UTC');
        $ids = $days = $sums = [];
        foreach ($rows as $row) {
            \assert(
                \is_string($row['athlete_id']) && \is_string($row['set_id']) && \is_string($row['local_day'])
                && \is_string($row['stage']) && \is_string($row['kind']) && \is_string($row['drill'])
                && is_numeric($row['entries']) && is_numeric($row['reps']) && is_numeric($row['misses'])
                && is_numeric($row['best']) && is_numeric($row['doubts']),
            );
            $id = $ids[$row['athlete_id']] ??= Uuid::fromBinary($row['athlete_id'])->toRfc4122();
            $sums[$id][] = new SetSum(
                $row['set_id'],
                Stage::from($row['stage']),
                AttemptKind::from($row['kind']),
                $days[$row['local_day']] ??= new \DateTimeImmutable($row['local_day'].' 00:00:00', $utc),
                $row['drill'],
                (int) $row['entries'],
                (int) $row['reps'],
                (int) $row['misses'],
                (int) $row['best'],
                (int) $row['doubts'],
            );
        }

        return $sums;
    }

    /**
     * @param Uuid|null $athlete null: of everybody
     *
     * @return array<string, array<string, int>> days with something logged, by athlete id and stage
     */
    public function stageDays(?Uuid $athlete = null): array
    {
        $rows = $this->database->rows(
            'SELECT athlete_id, stage, days FROM stage_days WHERE gym_id = :gym'
            .(null === $athlete ? '' : ' AND athlete_id = :athlete'),
            null === $athlete ? [] : ['athlete' => $athlete],
            null === $athlete ? [] : ['athlete' => UuidType::NAME],
        );
        $days = [];
        foreach ($rows as $row) {
            \assert(\is_string($row['athlete_id']) && \is_string($row['stage']) && is_numeric($row['days']));
            $days[Uuid::fromBinary($row['athlete_id'])->toRfc4122()][$row['stage']] = (int) $row['days'];
        }

        return $days;
    }

    /** After entries of these sets were written, moved, taken back or confirmed; in the same transaction. */
    public function renew(Uuid ...$sets): void
    {
        // What was only changed in memory so far must count.
        $this->database->entities()->flush();
        $this->count->days($this->count->anew(array_values($sets)));
    }

    /**
     * The same in a long transaction beside others, but for the days: they are counted at its end (`countDays`).
     *
     * @param list<Uuid> $sets
     * @param bool       $last at its end: others may have written to the same sets
     *
     * @return array<string, array{athlete: string, stage: string}> whose days are to be counted
     */
    public function renewApart(array $sets, bool $last): array
    {
        return $this->count->anew($sets, $last);
    }

    /**
     * @param array<array{athlete: string, stage: string}> $pairs
     */
    public function countDays(array $pairs): void
    {
        $this->count->days($pairs, true);
    }

    /** @return int how many sets were counted */
    public function rebuild(): int
    {
        $this->database->entities()->flush();
        $this->database->execute('DELETE FROM day_sum WHERE gym_id = :gym');
        $this->database->execute('DELETE FROM stage_days WHERE gym_id = :gym');
        $after = str_repeat("\0", 16);
        $counted = 0;
        $pairs = [];
        do {
            $rows = $this->database->rows(
                'SELECT id FROM practice_set WHERE gym_id = :gym AND id > :after ORDER BY id LIMIT '.self::PAGE,
                ['after' => $after],
            );
            $sets = array_map(
                static fn (array $row): Uuid => Uuid::fromBinary(\is_string($row['id']) ? $row['id'] : ''),
                $rows,
            );
            if ([] !== $sets) {
                $pairs += $this->count->anew($sets);
                $after = $sets[\count($sets) - 1]->toBinary();
                $counted += \count($sets);
            }
        } while (\count($rows) >= self::PAGE);
        $this->count->days($pairs);

        return $counted;
    }
}
