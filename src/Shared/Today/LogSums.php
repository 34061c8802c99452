<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Entity\Log\SetSum;
use Zumbo\App\Shared\BestView;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Drill\UnknownDrill;
use Zumbo\Core\Load\Contacts;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\BestSoFar;
use Zumbo\Core\Path\SameSet;
use Zumbo\Core\Path\SessionSum;
use Zumbo\Core\Stage\Stage;

/**
 * What an athlete's log of the last half year adds up to, read in the ways the screens need it.
 *
 * @phpstan-import-type Line from DayLog
 */
final readonly class LogSums
{
    private const DAY_S = 86_400;

    /**
     * @param list<SetSum> $sums the oldest first
     */
    public function __construct(public array $sums)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @return list<Line> of each day from that one on, the oldest first
     */
    public function lines(\DateTimeImmutable $from): array
    {
        $lines = [];
        foreach ($this->sums as $sum) {
            if ($sum->localDay >= $from) {
                $kind = $sum->kind->countKind();
                $lines[] = [
                    'day' => $sum->localDay,
                    'stage' => $sum->stage,
                    'kind' => $kind,
                    'reps' => $sum->reps,
                    'misses' => $sum->misses,
                    'contacts' => Contacts::logged($kind, $sum->reps, $sum->misses, self::drill($sum)),
                ];
            }
        }

        return $lines;
    }

    /**
     * @param array<string, true> $stopped local days on which jumping was stopped
     *
     * @return list<SessionSum> of what a stage counts so, day by day, the newest last
     */
    public function sessions(Stage $stage, CountKind $kind, array $stopped): array
    {
        $sessions = [];
        foreach ($this->sums as $sum) {
            if ($sum->stage !== $stage
                || $sum->kind->countKind() !== $kind
                || !DrillTable::tellsOfGate($sum->drill, $stage)) {
                continue;
            }
            $day = $sum->localDay->format('Y-m-d');
            $one = new SessionSum(
                $sum->reps,
                $sum->misses,
                $sum->entries,
                AttemptKind::Sum === $sum->kind,
                isset($stopped[$day]),
                self::dayNumber($sum->localDay),
            );
            $sessions[$day] = isset($sessions[$day]) ? $sessions[$day]->plus($one) : $one;
        }

        return array_values($sessions);
    }

    /** The most of a kind of entry at a stage, of what tells of its gate; null: none was logged. */
    public function best(Stage $stage, AttemptKind $kind): ?int
    {
        $best = null;
        foreach ($this->sums as $sum) {
            if ($sum->stage === $stage && $sum->kind === $kind && DrillTable::tellsOfGate($sum->drill, $stage)) {
                $best = max($best ?? 0, $sum->best);
            }
        }

        return $best;
    }

    /** Local days counted on, as sessions have them. */
    public static function dayNumber(\DateTimeImmutable $localDay): int
    {
        return intdiv($localDay->getTimestamp(), self::DAY_S);
    }

    public function entries(Stage $stage, AttemptKind $kind): int
    {
        return $this->bestsOf($stage)[$kind->value][0] ?? 0;
    }

    /**
     * @return list<BestView> of the kinds that are there often enough to tell
     */
    public function bests(Stage $stage): array
    {
        $bests = [];
        foreach ($this->bestsOf($stage) as $kind => [$entries, $most]) {
            $best = BestSoFar::among($entries, $most);
            if (null !== $best) {
                $bests[] = new BestView(AttemptKind::from($kind), $best->count, $best->askAbove);
            }
        }

        return $bests;
    }

    /** Sets of a stage that two coaches may both have written. */
    public function doubts(Stage $stage): int
    {
        $doubts = 0;
        $last = null;
        foreach (array_reverse($this->sums) as $sum) {
            if ($sum->stage === $stage) {
                $last ??= $sum->localDay->modify(\sprintf('-%d days', SameSet::ASKED_DAYS));
                $doubts += $sum->localDay >= $last ? $sum->doubts : 0;
            }
        }

        return $doubts;
    }

    /** Of a stage, from a local day on. */
    public function entriesAt(Stage $stage, \DateTimeImmutable $from): int
    {
        return array_sum(array_map(static fn (SetSum $sum): int => $sum->entries, array_filter(
            $this->sums,
            static fn (SetSum $sum): bool => $sum->stage === $stage && $sum->localDay >= $from,
        )));
    }

    /** As they were before a local day. */
    public function before(\DateTimeImmutable $day): self
    {
        return new self(array_values(array_filter($this->sums, static fn (SetSum $sum): bool => $sum->localDay < $day)));
    }

    /** The last local day with an entry before one; null: none. */
    public function lastDayBefore(\DateTimeImmutable $day): ?\DateTimeImmutable
    {
        $before = $this->before($day)->sums;

        return [] === $before ? null : $before[\count($before) - 1]->localDay;
    }

    /**
     * @return list<string> codes of what was done on a local day
     */
    public function drillsOn(\DateTimeImmutable $day): array
    {
        return array_values(array_unique(array_map(static fn (SetSum $sum): string => $sum->drill, $this->on($day))));
    }

    public function entriesOn(\DateTimeImmutable $day): int
    {
        return array_sum(array_map(static fn (SetSum $sum): int => $sum->entries, $this->on($day)));
    }

    public function hasStageOn(Stage $stage, \DateTimeImmutable $day): bool
    {
        return [] !== array_filter($this->on($day), static fn (SetSum $sum): bool => $sum->stage === $stage);
    }

    /**
     * @return list<SetSum>
     */
    private function on(\DateTimeImmutable $day): array
    {
        $on = [];
        for ($i = \count($this->sums) - 1; $i >= 0 && $this->sums[$i]->localDay >= $day; --$i) {
            if ($this->sums[$i]->localDay->getTimestamp() === $day->getTimestamp()) {
                $on[] = $this->sums[$i];
            }
        }

        return $on;
    }

    /**
     * @return array<string, array{int, int}> entries and the most of one, by kind
     */
    private function bestsOf(Stage $stage): array
    {
        $bests = [];
        foreach ($this->sums as $sum) {
            if ($sum->stage === $stage) {
                [$entries, $best] = $bests[$sum->kind->value] ?? [0, 0];
                $bests[$sum->kind->value] = [$entries + $sum->entries, max($best, $sum->best)];
            }
        }

        return $bests;
    }

    /** A ladder or an interval set is counted at the beat of the stage's first drill. */
    private static function drill(SetSum $sum): Drill
    {
        try {
            return DrillTable::named($sum->drill);
        } catch (UnknownDrill) {
            return DrillTable::ofStage($sum->stage, Ways::usual())[0];
        }
    }
}
