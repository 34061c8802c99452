<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Load\StopRule;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Today\CountedNight;
use Zumbo\Core\Today\DayFacts;
use Zumbo\Core\Today\StopWord;

/**
 * What an athlete did, day by day, as the judgement about today needs it: contacts, and reps and misses by stage and by
 * what was counted.
 *
 * @phpstan-type Line array{day: \DateTimeImmutable, stage: Stage, kind: CountKind, reps: int, misses: int, contacts: int}
 */
final readonly class DayLog
{
    private const WEEKS = 8;
    private const DAY_S = 86_400;

    /** @var array<string, true> by local day: days that were stopped, by the rule or by a coach */
    public array $stoppedDays;

    /**
     * @param list<Line>              $lines the oldest first
     * @param array<string, StopWord> $ended by coaches, by local day
     */
    public function __construct(private array $lines, private array $ended)
    {
        $this->stoppedDays = $this->stoppedDays();
    }

    public static function empty(): self
    {
        return new self([], []);
    }

    /**
     * @param \DateTimeImmutable      $today  local day
     * @param \DateTimeImmutable|null $before only the weeks before this local day are a base, as before pain; null:
     *                                        those before this week
     */
    public function facts(\DateTimeImmutable $today, Stage $stage, ?\DateTimeImmutable $before): DayFacts
    {
        $contacts = $this->contactsByDay();
        $monday = self::monday($today);
        $thisWeek = 0;
        $jumpDays = [];
        foreach ($contacts as $day => $count) {
            $at = self::day($day);
            $ago = self::days($at, $today);
            $thisWeek += $at >= $monday && $ago >= 0 ? $count : 0;
            if ($count > 0 && $ago >= 0 && $ago < 7) {
                $jumpDays[] = $ago;
            }
        }
        sort($jumpDays);
        [$tonight, $usual] = $this->tonightAndUsual($today, $stage);

        return DayFacts::of(
            $contacts[$today->format('Y-m-d')] ?? 0,
            $thisWeek,
            $this->weeks(null === $before ? $monday : self::monday($before), $contacts),
            $jumpDays,
            $tonight,
            $usual,
            $this->ended[$today->format('Y-m-d')] ?? null,
        );
    }

    /**
     * @return array<string, true>
     */
    private function stoppedDays(): array
    {
        $stopped = array_fill_keys(array_keys($this->ended), true);
        $sums = $nights = [];
        foreach ($this->lines as $line) {
            $kind = $line['stage']->value.' '.$line['kind']->value;
            $day = $line['day']->format('Y-m-d');
            $nights[$day][$kind] ??= [0, 0];
            $nights[$day][$kind][0] += $line['reps'];
            $nights[$day][$kind][1] += $line['misses'];
        }
        foreach ($nights as $day => $kinds) {
            foreach ($kinds as $kind => [$reps, $misses]) {
                [$usualReps, $usualMisses] = $sums[$kind] ?? [0, 0];
                if (null !== StopRule::of($reps, $misses, $usualReps, $usualMisses)) {
                    $stopped[$day] = true;
                }
                $sums[$kind] = [$usualReps + $reps, $usualMisses + $misses];
            }
        }

        return $stopped;
    }

    /**
     * Of the kind that was counted most tonight.
     *
     * @return array{CountedNight, CountedNight}
     */
    private function tonightAndUsual(\DateTimeImmutable $today, Stage $stage): array
    {
        /** @var array<string, array{int, int}> $tonight */
        $tonight = [];
        /** @var array<string, array{int, int}> $usual */
        $usual = [];
        foreach ($this->lines as ['day' => $day, 'stage' => $of, 'kind' => $kind, 'reps' => $reps, 'misses' => $misses]) {
            if ($of !== $stage) {
                continue;
            }
            if ($day->getTimestamp() === $today->getTimestamp()) {
                [$before, $missed] = $tonight[$kind->value] ?? [0, 0];
                $tonight[$kind->value] = [$before + $reps, $missed + $misses];
            } else {
                [$before, $missed] = $usual[$kind->value] ?? [0, 0];
                $usual[$kind->value] = [$before + $reps, $missed + $misses];
            }
        }
        uasort($tonight, static fn (array $a, array $b): int => array_sum($b) <=> array_sum($a));
        $most = (string) array_key_first($tonight);

        return [
            new CountedNight(...($tonight[$most] ?? [0, 0])),
            new CountedNight(...($usual[$most] ?? [0, 0])),
        ];
    }

    /**
     * @param array<string, int> $contacts
     *
     * @return list<int> of the weeks before, the oldest first, from the first one with any; a week that was stopped is
     *                   no ordinary one and is left out
     */
    private function weeks(\DateTimeImmutable $monday, array $contacts): array
    {
        $sums = $stopped = [];
        foreach ($contacts as $day => $count) {
            $back = self::weeksBack($day, $monday);
            $sums[$back] = ($sums[$back] ?? 0) + $count;
        }
        foreach (array_keys($this->stoppedDays) as $day) {
            $stopped[self::weeksBack($day, $monday)] = true;
        }
        $weeks = [];
        for ($back = self::WEEKS; $back >= 1; --$back) {
            $sum = $sums[$back] ?? 0;
            if (!isset($stopped[$back]) && ([] !== $weeks || $sum > 0)) {
                $weeks[] = $sum;
            }
        }

        return $weeks;
    }

    /**
     * @return array<string, int>
     */
    private function contactsByDay(): array
    {
        $contacts = [];
        foreach ($this->lines as $line) {
            $day = $line['day']->format('Y-m-d');
            $contacts[$day] = ($contacts[$day] ?? 0) + $line['contacts'];
        }

        return $contacts;
    }

    /** 1: the week before that Monday; 0 or less: a later one. */
    private static function weeksBack(string $day, \DateTimeImmutable $monday): int
    {
        return (int) ceil(self::days(self::day($day), $monday) / 7);
    }

    private static function day(string $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day.' 00:00:00', new \DateTimeZone('UTC'));
    }

    private static function monday(\DateTimeImmutable $day): \DateTimeImmutable
    {
        return $day->modify(\sprintf('-%d days', (int) $day->format('N') - 1));
    }

    private static function days(\DateTimeImmutable $from, \DateTimeImmutable $to): int
    {
        return (int) round(($to->getTimestamp() - $from->getTimestamp()) / self::DAY_S);
    }
}
