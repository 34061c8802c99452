<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Path\Gate;
use Zumbo\Core\Path\GateLog;
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
     * @param array<string, array{Stage, Gate|null, list<SetSum>}> $logs stage, its gate, sums of each, the oldest first; by athlete id
     * @param \DateTimeImmutable                                   $from the instant from which on entries count
     * @param \DateTimeImmutable                                   $day  the instant at which the local day begins
     *
     * @return array<string, Newest> by athlete id
     */
    public function of(array $logs, \DateTimeImmutable $from, \DateTimeImmutable $day): array
    {
        $sets = [];
        foreach ($logs as [$stage, $gate, $sums]) {
            $sets += self::sets($stage, $gate, $sums);
        }
        $entries = $this->entries(array_keys($sets), $from);
        $newest = [];
        foreach ($logs as $id => [$stage, $gate]) {
            $newest[$id] = self::newest($stage, $gate, $entries[$id] ?? [], $sets, $day);
        }

        return $newest;
    }

    /**
     * Of the last day, whatever was counted; of the stage, so many that the gate finds its newest entries in them.
     *
     * @param list<SetSum> $sums the oldest first
     *
     * @return array<string, bool> whether it tells of the gate, by id as the database writes them
     */
    private static function sets(Stage $stage, ?Gate $gate, array $sums): array
    {
        $lastDay = [] === $sums ? null : $sums[\count($sums) - 1]->localDay->getTimestamp();
        $sets = $until = [];
        $missing = ['last' => GateLog::FORM_LAST, 'goes' => CountKind::Streak === $gate?->countKind ? GateLog::GOES : 0];
        foreach (array_reverse($sums) as $sum) {
            $day = $sum->localDay->getTimestamp();
            $looksAt = [];
            $tells = DrillTable::tellsOfGate($sum->drill, $stage);
            if ($tells && $sum->stage === $stage && $sum->kind->countKind() === $gate?->countKind) {
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
                $sets['0x'.bin2hex($sum->set)] = $tells;
            }
        }

        return $sets;
    }

    /**
     * @param list<string> $sets
     *
     * @return array<string, list<array{string, LoggedCount}>> with their sets, by athlete id, the newest last
     */
    private function entries(array $sets, \DateTimeImmutable $from): array
    {
        $entries = [];
        foreach ([] === $sets ? [] : $this->database->rows(
            'SELECT athlete_id, set_id, stage, kind, reps, misses, ended, clean, logged_at FROM attempt
             WHERE gym_id = :gym AND set_id IN ('.implode(', ', $sets).') AND removed_at IS NULL AND logged_at >= :from
             ORDER BY logged_at, id',
            ['from' => $from->format('Y-m-d H:i:s')],
        ) as $row) {
            $one = LoggedCount::read($row);
            \assert(\is_string($row['set_id']));
            $entries[$one->athlete][] = ['0x'.bin2hex($row['set_id']), $one];
        }

        return $entries;
    }

    /**
     * @param list<array{string, LoggedCount}> $entries with their sets, the newest last
     * @param array<string, bool>              $tells   whether a set tells of the gate
     */
    private static function newest(Stage $stage, ?Gate $gate, array $entries, array $tells, \DateTimeImmutable $day): Newest
    {
        $last = $goes = $today = [];
        foreach ($entries as [$set, $one]) {
            if ($tells[$set] && $one->stage === $stage && $one->entry->countKind === $gate?->countKind) {
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
            \array_slice($last, -GateLog::FORM_LAST),
            \array_slice($goes, -GateLog::GOES),
            \array_slice($today, -LookRule::GOES),
        );
    }
}
