<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Import;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymDatabase;

/**
 * Finds the set of a drill in an athlete's practice of a day, and makes what is missing; for thousands of entries at
 * once.
 */
final class ImportedPractices
{
    /** @var array<string, string> "athlete day" → id, in hexadecimal digits */
    private array $practices = [];

    /** @var array<string, string> "practice drill" → id, in hexadecimal digits */
    private array $sets = [];

    private string $timeZone = 'UTC';

    public function __construct(private readonly GymDatabase $database, private readonly Gyms $gyms)
    {
    }

    /** Reads what the gym has; to be called in the transaction in which sets are asked for. */
    public function open(): void
    {
        $this->timeZone = $this->gyms->current()->timeZone();
        $this->practices = $this->sets = [];
        foreach (
            $this->database->rows(
                'SELECT LOWER(HEX(id)) AS id, LOWER(HEX(athlete_id)) AS athlete, local_day AS day
                 FROM practice WHERE gym_id = :gym',
            ) as $row
        ) {
            $this->practices[self::key($row['athlete'], $row['day'])] = self::key($row['id']);
        }
        foreach (
            $this->database->rows(
                'SELECT LOWER(HEX(id)) AS id, LOWER(HEX(practice_id)) AS practice, drill FROM practice_set
                 WHERE gym_id = :gym',
            ) as $row
        ) {
            $this->sets[self::key($row['practice'], $row['drill'])] = self::key($row['id']);
        }
    }

    public function setFor(string $athleteId, string $drill, string $stage, string $loggedAt): Uuid
    {
        $at = new \DateTimeImmutable($loggedAt);
        $day = LocalDay::of($at, $this->timeZone)->format('Y-m-d');
        $athlete = str_replace('-', '', $athleteId);
        $practice = $this->practices[self::key($athlete, $day)] ??= $this->made(
            'INSERT INTO practice (gym_id, id, athlete_id, local_day, started_at) VALUES (:gym, :id, :athlete, :day,
             :at)',
            ['athlete' => Uuid::fromString($athleteId), 'day' => $day, 'at' => $at->format('Y-m-d H:i:s')],
            ['athlete' => UuidType::NAME],
        );
        $set = $this->sets[self::key($practice, $drill)] ??= $this->made(
            'INSERT INTO practice_set (gym_id, id, practice_id, drill, stage) VALUES (:gym, :id, :practice, :drill,
             :stage)',
            ['practice' => Uuid::fromBinary((string) hex2bin($practice)), 'drill' => $drill, 'stage' => $stage],
            ['practice' => UuidType::NAME],
        );

        return Uuid::fromBinary((string) hex2bin($set));
    }

    /**
     * @param array<string, mixed>  $values
     * @param array<string, string> $types
     */
    private function made(string $sql, array $values, array $types): string
    {
        $id = Uuid::v7();
        $this->database->execute($sql, $values + ['id' => $id], $types + ['id' => UuidType::NAME]);

        return bin2hex($id->toBinary());
    }

    private static function key(mixed ...$parts): string
    {
        return implode(
            ' ',
            array_map(static fn (mixed $part): string => \is_scalar($part) ? (string) $part : '', $parts),
        );
    }
}
