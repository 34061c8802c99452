<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Path\GateLog;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Path\LookRule;
use Zumbo\Core\Stage\Stage;

/**
 * Reads the newest entries of athletes, however long their logs are: the kept sums tell in which sets they lie, and all of
 * these are read in one query.
 */
final readonly class ReadNewest
{
    public function __construct(private GymDatabase $database)
    {
    }

    /**
     * @param array<string, array{Athlete, list<SetSum>}> $logs with the sums of each, the oldest first; by athlete id
     * @param \DateTimeImmutable                          $from the instant from which on entries count
     * @param \DateTimeImmutable                          $day  the instant at which the local day begins
     *
     * @return array<string, Newest> by athlete id
     */
    public function of(array $logs, \DateTimeImmutable $from, \DateTimeImmutable $day): array
    {
        $sets = [];
        foreach ($logs as [$athlete, $sums]) {
            $sets += self::sets($athlete->stage(), $sums);
        }
        $entries = $this->entries(array_keys($sets), $from);
        $newest = [];
        foreach ($logs as $id => [$athlete]) {
            $newest[$id] = self::newest($athlete->stage(), $entries[$id] ?? [], $day);
        }

        return $newest;
    }

    /**
     * Of the last day, whatever was counted; of the stage, so many that the gate finds its newest entries in them.
     *
     * @param list<SetSum> $sums the oldest first
     *
     * @return array<string, true> ids as the database writes them
     */
    private static function sets(Stage $stage, array $sums): array
    {
        $gate = GateTable::of($stage);
        $lastDay = [] === $sums ? null : $sums[\count($sums) - 1]->localDay->getTimestamp();
        $sets = $until = [];
        $missing = ['last' => GateLog::LAST, 'goes' => CountKind::Streak === $gate?->countKind ? GateLog::GOES : 0];
        foreach (array_reverse($sums) as $sum) {
            $day = $sum->localDay->getTimestamp();
            $looksAt = [];
            if ($sum->stage === $stage && $sum->kind->countKind() === $gate?->countKind) {
                $looksAt = AttemptKind::Streak === $sum->kind ? ['last', 'goes'] : ['last'];
            }
            $taken = $day === $lastDay;
            foreach ($looksAt as $what) {
                // Sets of one day come in no order.
                if ($missing[$what] > 0 || ($until[$what] ?? null) === $day) {
                    $missing[$what] -= $sum->entries;
                    $until[$what] = $day;
                    $taken = true;
                }
            }
            if ($taken) {
                $sets['0x'.bin2hex($sum->set)] = true;
            }
        }

        return $sets;
    }

    /**
     * @param list<string> $sets
     *
     * @return array<string, list<LoggedCount>> by athlete id, the newest last
     */
    private function entries(array $sets, \DateTimeImmutable $from): array
    {
        $entries = [];
        foreach ([] === $sets ? [] : $this->database->rows(
            'SELECT athlete_id, stage, kind, reps, misses, ended, clean, logged_at FROM attempt
             WHERE gym_id = :gym AND set_id IN ('.implode(', ', $sets).') AND removed_at IS NULL AND logged_at >= :from
             ORDER BY logged_at, id',
            ['from' => $from->format('Y-m-d H:i:s')],
        ) as $row) {
            $one = LoggedCount::read($row);
            $entries[$one->athlete][] = $one;
        }

        return $entries;
    }

    /**
     * @param list<LoggedCount> $entries the newest last
     */
    private static function newest(Stage $stage, array $entries, \DateTimeImmutable $day): Newest
    {
        $gate = GateTable::of($stage);
        $last = $goes = $today = [];
        foreach ($entries as $one) {
            if ($one->stage === $stage && $one->entry->countKind === $gate?->countKind) {
                $last[] = $one->entry->clean;
                if (AttemptKind::Streak === $one->kind) {
                    $goes[] = $one->entry->counted;
                }
            }
            if ($one->loggedAt >= $day) {
                $today[] = $one->entry;
            }
        }

        return new Newest(
            \array_slice($last, -GateLog::LAST),
            \array_slice($goes, -GateLog::GOES),
            \array_slice($today, -LookRule::GOES),
        );
    }
}
