<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Health\DayStop;
use Zumbo\App\Entity\Health\DayStops;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Drill\UnknownDrill;
use Zumbo\Core\Load\Contacts;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Today\StopWord;

/**
 * Reads what athletes did day by day in the last twelve weeks: sums, in one query.
 *
 * @phpstan-import-type Line from DayLog
 */
final readonly class ReadDays
{
    private const WEEKS = 12;

    public function __construct(private GymDatabase $database, private DayStops $stops)
    {
    }

    /**
     * @param \DateTimeImmutable $today   local day
     * @param Uuid|null          $athlete null: of everybody
     *
     * @return array<string, DayLog> by athlete id
     */
    public function upTo(\DateTimeImmutable $today, ?Uuid $athlete = null): array
    {
        $from = $today->modify(\sprintf('-%d weeks', self::WEEKS));
        $rows = $this->database->rows(
            'SELECT LOWER(HEX(p.athlete_id)) AS athlete, p.local_day, s.drill, a.stage, a.kind, SUM(a.reps) AS reps,
             SUM(a.misses + IF(a.ended = :miss, 1, 0)) AS misses FROM practice p
             JOIN practice_set s ON s.gym_id = p.gym_id AND s.practice_id = p.id
             JOIN attempt a ON a.gym_id = s.gym_id AND a.set_id = s.id
             WHERE p.gym_id = :gym AND p.local_day BETWEEN :from AND :to AND a.removed_at IS NULL'
            .(null === $athlete ? '' : ' AND p.athlete_id = :athlete')
            .' GROUP BY p.athlete_id, p.local_day, s.drill, a.stage, a.kind ORDER BY p.local_day, s.drill',
            [
                'miss' => AttemptEnd::Miss->value,
                'from' => $from->format('Y-m-d'),
                'to' => $today->format('Y-m-d'),
            ] + (null === $athlete ? [] : ['athlete' => $athlete]),
            null === $athlete ? [] : ['athlete' => UuidType::NAME],
        );
        $lines = [];
        foreach ($rows as $row) {
            $id = \is_string($row['athlete']) ? Uuid::fromBinary((string) hex2bin($row['athlete']))->toRfc4122() : '';
            $lines[$id][] = self::line($row);
        }
        $logs = [];
        $stops = $this->stops->since($from, $athlete);
        foreach (array_keys($lines + $stops) as $id) {
            $logs[$id] = new DayLog($lines[$id] ?? [], self::words($stops[$id] ?? []));
        }

        return $logs;
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return Line
     */
    private static function line(array $row): array
    {
        \assert(
            \is_string($row['local_day'])
                && \is_string($row['drill'])
                && \is_string($row['stage'])
                && \is_string($row['kind'])
                && is_numeric($row['reps'])
                && is_numeric($row['misses']),
        );
        $stage = Stage::from($row['stage']);
        $kind = AttemptKind::from($row['kind'])->countKind();
        $drill = self::drill($row['drill'], $stage);

        return [
            'day' => new \DateTimeImmutable($row['local_day'].' 00:00:00', new \DateTimeZone('UTC')),
            'stage' => $stage,
            'kind' => $kind,
            'reps' => (int) $row['reps'],
            'misses' => (int) $row['misses'],
            'contacts' => Contacts::logged($kind, (int) $row['reps'], (int) $row['misses'], $drill),
        ];
    }

    /** A ladder or an interval set is counted at the beat of the stage's first drill. */
    private static function drill(string $code, Stage $stage): Drill
    {
        try {
            return DrillTable::named($code);
        } catch (UnknownDrill) {
            return DrillTable::ofStage($stage)[0];
        }
    }

    /**
     * @param list<DayStop> $stops
     *
     * @return array<string, StopWord>
     */
    private static function words(array $stops): array
    {
        $words = [];
        foreach ($stops as $stop) {
            $words[$stop->localDay()->format('Y-m-d')] = $stop->why();
        }

        return $words;
    }
}
