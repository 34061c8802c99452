<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Health\DayStop;
use Zumbo\App\Entity\Health\DayStops;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\Core\Today\StopWord;

/**
 * Reads what athletes did day by day, from the kept sums: of the last half year, and as days of the last twelve weeks.
 */
final readonly class ReadDays
{
    private const WEEKS = 12;

    public function __construct(private DaySums $sums, private DayStops $stops)
    {
    }

    /**
     * @param \DateTimeImmutable $today   local day
     * @param Uuid|null          $athlete null: of everybody
     *
     * @return array<string, array{DayLog, LogSums}> by athlete id
     */
    public function upTo(\DateTimeImmutable $today, ?Uuid $athlete = null): array
    {
        $from = $today->modify(\sprintf('-%d weeks', self::WEEKS));
        $sums = $this->sums->since($today->modify(Attempts::LOOK_BACK), $athlete);
        $stops = $this->stops->since($from, $athlete);
        $days = [];
        foreach (array_keys($sums + $stops) as $id) {
            $of = new LogSums($sums[$id] ?? []);
            $days[$id] = [new DayLog($of->lines($from), self::words($stops[$id] ?? [])), $of];
        }

        return $days;
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
