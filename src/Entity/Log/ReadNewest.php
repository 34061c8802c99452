<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Path\GateLog;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Path\LookRule;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

/**
 * Reads the newest entries of athletes: a few rows of each, in one query, however long their logs are.
 */
final readonly class ReadNewest
{
    /** In one query: a longer one is read slowly. */
    private const AT_ONCE = 50;

    public function __construct(private GymDatabase $database)
    {
    }

    /**
     * @param list<Athlete>      $athletes
     * @param \DateTimeImmutable $from     the instant from which on entries count
     * @param \DateTimeImmutable $day      the instant at which the local day begins
     *
     * @return array<string, Newest> by athlete id
     */
    public function of(array $athletes, \DateTimeImmutable $from, \DateTimeImmutable $day): array
    {
        $newest = [];
        foreach (array_chunk($athletes, self::AT_ONCE) as $some) {
            $newest += $this->ofSome($some, [
                'from' => $from->format('Y-m-d H:i:s'),
                'day' => $day->format('Y-m-d H:i:s'),
            ]);
        }

        return $newest;
    }

    /**
     * @param list<Athlete>         $athletes
     * @param array<string, string> $since
     *
     * @return array<string, Newest>
     */
    private function ofSome(array $athletes, array $since): array
    {
        $parts = [];
        foreach ($athletes as $i => $athlete) {
            array_push($parts, ...self::parts($i, $athlete));
        }
        $found = [];
        foreach (array_reverse($this->database->rows(implode("\nUNION ALL ", $parts), $since)) as $row) {
            \assert(is_numeric($row['i']) && \is_string($row['what']));
            $found[(int) $row['i']][$row['what']][] = $row;
        }
        $newest = [];
        foreach ($athletes as $i => $athlete) {
            $mine = $found[$i] ?? [];
            $newest[$athlete->id()->toRfc4122()] = new Newest(
                array_map(static fn (array $row): bool => 1 === self::number($row, 'clean'), $mine['gate'] ?? []),
                array_map(
                    static fn (array $row): CountedReps => CountedReps::attempt(self::number($row, 'reps'), self::end($row)),
                    $mine['go'] ?? [],
                ),
                array_map(
                    static fn (array $row) => Attempt::asCore(
                        self::kind($row),
                        self::number($row, 'reps'),
                        self::number($row, 'misses'),
                        self::end($row),
                        1 === self::number($row, 'clean'),
                    ),
                    $mine['day'] ?? [],
                ),
            );
        }

        return $newest;
    }

    /**
     * @return list<string> one selection for each thing that is looked at
     */
    private static function parts(int $i, Athlete $athlete): array
    {
        $parts = [self::part($i, 'day', $athlete, 'logged_at >= :day', LookRule::GOES)];
        $gate = GateTable::of($athlete->stage());
        if (null === $gate) {
            return $parts;
        }
        $kinds = array_filter(
            AttemptKind::cases(),
            static fn (AttemptKind $kind): bool => $kind->countKind() === $gate->countKind,
        );
        $among = implode("', '", array_map(static fn (AttemptKind $kind): string => $kind->value, $kinds));
        $stage = "logged_at >= :from AND stage = '{$athlete->stage()->value}'";
        $parts[] = self::part($i, 'gate', $athlete, "$stage AND kind IN ('$among')", GateLog::LAST);
        if (CountKind::Streak === $gate->countKind) {
            $go = AttemptKind::Streak->value;
            $parts[] = self::part($i, 'go', $athlete, "$stage AND kind = '$go'", GateLog::GOES);
        }

        return $parts;
    }

    private static function part(int $i, string $what, Athlete $athlete, string $condition, int $most): string
    {
        return \sprintf(
            "(SELECT %d AS i, '%s' AS what, kind, reps, misses, ended, clean FROM attempt
              WHERE gym_id = :gym AND athlete_id = 0x%s AND removed_at IS NULL AND %s
              ORDER BY logged_at DESC, id DESC LIMIT %d)",
            $i,
            $what,
            bin2hex($athlete->id()->toBinary()),
            $condition,
            $most,
        );
    }

    /**
     * @param array<string, mixed> $row
     */
    private static function number(array $row, string $name): int
    {
        return is_numeric($row[$name] ?? null) ? (int) $row[$name] : 0;
    }

    /**
     * @param array<string, mixed> $row
     */
    private static function end(array $row): AttemptEnd
    {
        return \is_string($row['ended'] ?? null) ? AttemptEnd::from($row['ended']) : AttemptEnd::Stopped;
    }

    /**
     * @param array<string, mixed> $row
     */
    private static function kind(array $row): AttemptKind
    {
        return AttemptKind::from(\is_string($row['kind'] ?? null) ? $row['kind'] : '');
    }
}
