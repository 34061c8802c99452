<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\Core\Today\AttendanceMark;

/**
 * Who was said to be there, and who was seen when, in the current gym.
 */
final readonly class Attendances
{
    public function __construct(private GymDatabase $database)
    {
    }

    /** @param Uuid $id of the row, unless something was said of them that day already */
    public function mark(
        Uuid $id,
        Uuid $athlete,
        \DateTimeImmutable $localDay,
        AttendanceMark $mark,
        \DateTimeImmutable $now,
        string $by,
    ): void {
        $this->database->execute(
            'INSERT INTO attendance (gym_id, id, local_day, athlete_id, mark, marked_at, marked_by)
             VALUES (:gym, :id, :day, :athlete, :mark, :now, :by)
             ON DUPLICATE KEY UPDATE mark = :mark, marked_at = :now, marked_by = :by',
            [
                'id' => $id,
                'day' => $localDay->format('Y-m-d'),
                'athlete' => $athlete,
                'mark' => $mark->value,
                'now' => $now->format('Y-m-d H:i:s'),
                'by' => $by,
            ],
            ['id' => UuidType::NAME, 'athlete' => UuidType::NAME],
        );
    }

    /**
     * @return array<string, AttendanceMark> by athlete id
     */
    public function on(\DateTimeImmutable $localDay): array
    {
        $marks = [];
        foreach ($this->database->rows('SELECT athlete_id, mark FROM attendance WHERE gym_id = :gym AND local_day = :day', [
            'day' => $localDay->format('Y-m-d'),
        ]) as $row) {
            $marks[self::id($row['athlete_id'])] = AttendanceMark::from(\is_string($row['mark']) ? $row['mark'] : '');
        }

        return $marks;
    }

    /**
     * @return array<string, int> how many days before that one each practised last, by athlete id
     */
    public function lastSeen(\DateTimeImmutable $before, ?Uuid $athlete = null): array
    {
        $days = [];
        $of = null === $athlete ? '' : ' AND athlete_id = :athlete';
        foreach ($this->database->rows(
            'SELECT athlete_id, DATEDIFF(:day, MAX(local_day)) AS ago FROM practice WHERE gym_id = :gym AND local_day < :day'.$of.'
             GROUP BY athlete_id',
            ['day' => $before->format('Y-m-d')] + (null === $athlete ? [] : ['athlete' => $athlete]),
            null === $athlete ? [] : ['athlete' => UuidType::NAME],
        ) as $row) {
            $days[self::id($row['athlete_id'])] = is_numeric($row['ago']) ? (int) $row['ago'] : 0;
        }

        return $days;
    }

    /**
     * @return array<string, true> who practised on the same day of the week in the weeks before, by athlete id
     */
    public function comesOnThatDay(\DateTimeImmutable $localDay, int $weeks): array
    {
        $days = [];
        for ($week = 1; $week <= $weeks; ++$week) {
            $days[] = "'".$localDay->modify("-$week weeks")->format('Y-m-d')."'";
        }
        $rows = $this->database->rows(
            'SELECT DISTINCT athlete_id FROM practice WHERE gym_id = :gym AND local_day IN ('.implode(', ', $days).')',
        );

        return array_fill_keys(array_map(static fn (array $row): string => self::id($row['athlete_id']), $rows), true);
    }

    public function lastSeenOf(Uuid $athlete, \DateTimeImmutable $before): ?int
    {
        return $this->lastSeen($before, $athlete)[$athlete->toRfc4122()] ?? null;
    }

    private static function id(mixed $binary): string
    {
        return Uuid::fromBinary(\is_string($binary) ? $binary : '')->toRfc4122();
    }
}
