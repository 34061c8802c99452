<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Judgement;

/**
 * What must be said of an athlete, worked out from the facts by other code than the one that is tried: plain arithmetic
 * over plain numbers, with the shares, limits and caps written down a second time. Nothing of the core is used here.
 */
final class Oracle
{
    private const SHARE = ['shoulder' => 0.818, 'armpit' => 0.76, 'chest' => 0.72, 'below-chest' => 0.70, 'breastbone' => 0.69];
    private const UNDER = ['one-foot' => 0.09, 'two-feet' => 0.19, 'pinned' => 0.0];
    private const CAPS = [
        'jump' => 400, 'turn' => 400, 'join' => 500, 'singles' => 700, 'range' => 800,
        'snap' => 700, 'mix' => 900, 'link' => 1000, 'hold' => 1300, 'workout' => 1500,
    ];
    private const URGENT = ['chest-pain', 'fainting', 'dizziness', 'calf-pain', 'numbness', 'red-flag'];

    /** @param \DateTimeImmutable $today local day, midnight */
    public function __construct(private readonly \DateTimeImmutable $today)
    {
    }

    /**
     * @return array{state: string, next: string, goalM: ?float, offM: ?float}
     */
    public function rope(Invented $of): array
    {
        $rope = $of->rope;
        $handle = $rope['handleM'] ?? $of->handleM;
        $goal = null === $handle ? null : $this->goal($of, $handle);
        $off = null === $rope || null === $goal ? null : $rope['cableM'] - $goal;
        if (null !== $rope && !$rope['sound']) {
            return ['state' => 'not-sound', 'next' => 'buy', 'goalM' => $goal, 'offM' => $off];
        }
        if (null === $rope || null === $goal || null === $off) {
            $next = null === $handle ? 'ask-handles' : 'buy';

            return ['state' => 'unknown', 'next' => $next, 'goalM' => $goal ?? $this->cableAnyway($of), 'offM' => null];
        }
        [$state, $next] = $this->judged($of, $rope, $off, $this->cable($of, 'shoulder', $rope['handleM']) - $goal);

        return ['state' => $state, 'next' => $next, 'goalM' => $goal, 'offM' => $off];
    }

    /**
     * @return array{jumping: string, today: int, week: int}
     */
    public function allowance(Invented $of): array
    {
        [$nothing, $off, $back] = $this->health($of);
        $done = $thisWeek = 0;
        $before = [];
        $monday = (int) $this->today->format('N') - 1;
        foreach ($of->done as $one) {
            $contacts = $one['reps'] + $one['misses'];
            $done += 0 === $one['daysAgo'] ? $contacts : 0;
            $thisWeek += $one['daysAgo'] <= $monday ? $contacts : 0;
        }
        $cap = (int) round(self::CAPS[$of->stage] * match (true) {
            null === $of->age => 1.0,
            $of->age < 12 => 0.5,
            $of->age <= 15, $of->age >= 60 => 0.75,
            default => 1.0,
        });
        $most = $this->weekMost($of, 3 * $cap, null === $back || $off ? null : $back);
        $session = null !== $back && !$off ? min($cap, (int) ceil($most / 3)) : $cap;
        $week = max(0, $most - max($done, $thisWeek));
        $today = max(0, min($session - $done, $week));
        $stop = $this->mustStop($of);
        $rest = \in_array($of->stage, ['jump', 'turn', 'join', 'singles'], true) && $this->restsToday($of);

        return match (true) {
            $nothing => ['jumping' => 'nothing', 'today' => 0, 'week' => 0],
            $off => ['jumping' => 'no-jump', 'today' => 0, 'week' => 0],
            $stop, $rest, 0 === $today => ['jumping' => 'no-jump', 'today' => 0, 'week' => $week],
            default => ['jumping' => 'all', 'today' => $today, 'week' => $week],
        };
    }

    /**
     * @return list<int> of the weeks before this one, or before the week in which pain was noted that is lifted by now
     */
    public function weeks(Invented $of, bool $beforePain): array
    {
        $ago = 0;
        if ($beforePain) {
            $lifted = array_filter($of->noted, static fn (array $one): bool => 'pain' === $one['caution'] && null !== $one['lifted']);
            $ago = [] === $lifted ? 0 : min(array_column($lifted, 'daysAgo'));
        }
        $day = $this->today->modify("-$ago days");
        $monday = $ago + (int) $day->format('N') - 1;
        $weeks = [];
        for ($back = 8; $back >= 1; --$back) {
            $sum = 0;
            foreach ($of->done as $one) {
                $inside = $one['daysAgo'] <= $monday + 7 * $back && $one['daysAgo'] > $monday + 7 * ($back - 1);
                $sum += $inside ? $one['reps'] + $one['misses'] : 0;
            }
            if ([] !== $weeks || $sum > 0) {
                $weeks[] = $sum;
            }
        }

        return $weeks;
    }

    /** Days since pain was lifted last; null: nothing was, or something still binds. */
    public function back(Invented $of): ?int
    {
        [, $off, $back] = $this->health($of);

        return $off ? null : $back;
    }

    private function goal(Invented $of, float $handle): float
    {
        return $this->cable($of, $this->school($of), $handle);
    }

    private function school(Invented $of): string
    {
        $linking = \in_array($of->stage, ['link', 'hold', 'workout'], true);

        return $of->school ?? ($linking && 'goal-length' !== $of->trim ? 'chest' : 'armpit');
    }

    private function cable(Invented $of, string $school, float $handle): float
    {
        $stance = $of->rope['stance'] ?? ('below-chest' === $school ? 'one-foot' : 'two-feet');
        if ('height' === $school) {
            return $of->statureM + 0.9144 - 2 * $handle;
        }
        $up = 2 * self::SHARE[$school] * $of->statureM + self::UNDER[$stance];

        return 'breastbone' === $school ? $up : $up - 2 * $handle;
    }

    /** Read at the cable ends the cable is known whatever the handles. */
    private function cableAnyway(Invented $of): ?float
    {
        return 'breastbone' === $this->school($of) ? $this->cable($of, 'breastbone', 0.0) : null;
    }

    /**
     * @param array{cableM: float, handleM: float, stance: string, family: string, sound: bool, cut: bool, sizedM: float} $rope
     *
     * @return array{string, string}
     */
    private function judged(Invented $of, array $rope, float $off, float $room): array
    {
        if ($off >= -0.0305 && $off <= 0.0405) {
            return ['right', 'keep'];
        }
        if ($off > 0) {
            return [('goal-length' !== $of->trim && $off <= $room + 0.0405) ? 'on-its-way' : 'too-long', 'trim'];
        }
        $grown = $of->statureM - $rope['sizedM'] > 0.005;
        $letOut = -$off / 2 <= ($rope['cut'] ? 0.0 : 0.05) + 0.0005;

        return [
            $grown ? 'outgrown' : 'too-short',
            $letOut ? 'let-out' : ($grown ? 'buy' : 'size-anew'),
        ];
    }

    /**
     * @return array{bool, bool, ?int} not even work without jumping; no jumping; days since pain was lifted last
     */
    private function health(Invented $of): array
    {
        $nothing = $off = false;
        $back = null;
        foreach ($of->noted as $i => $one) {
            $pain = 'pain' === $one['caution'];
            $same = 1;
            foreach (\array_slice($of->noted, 0, $i) as $earlier) {
                $same += $pain && $earlier['place'] === $one['place'] && $earlier['daysAgo'] - $one['daysAgo'] <= 28 ? 1 : 0;
            }
            $severe = $pain && ($one['degree'] >= 7 || $same >= 3);
            $lifted = 'professional' === $one['lifted'] || ('coach' === $one['lifted'] && $pain && !$severe);
            if ($lifted) {
                $back = $pain ? min($back ?? \PHP_INT_MAX, $one['liftedDaysAgo']) : $back;
                continue;
            }
            $off = true;
            $nothing = $nothing || $severe || \in_array($one['caution'], self::URGENT, true);
        }

        // Half at first, a tenth more each week: after some fifty days there is nothing to return to.
        return [$nothing, $off, null !== $back && 0.5 * 1.1 ** ($back / 7) < 1 ? $back : null];
    }

    private function weekMost(Invented $of, int $weekCap, ?int $back): int
    {
        $weeks = $this->weeks($of, null !== $back);
        $ordinary = array_values(array_filter($weeks));
        $two = \array_slice($ordinary, -2);
        $mean = [] === $two ? $weekCap : array_sum($two) / \count($two);
        if (null !== $back) {
            return min($weekCap, (int) round(0.5 * $mean * 1.1 ** ($back / 7)));
        }
        if ([] === $ordinary) {
            return $weekCap;
        }
        $base = max(end($ordinary), $mean);
        $empty = 0;
        while ($empty < \count($weeks) && 0 === $weeks[\count($weeks) - 1 - $empty]) {
            ++$empty;
        }
        $share = match (true) {
            $empty >= 4 => 0.5,
            $empty >= 2 => 0.75,
            default => 1.1,
        };

        return min($weekCap, (int) round($share * $base));
    }

    private function restsToday(Invented $of): bool
    {
        $before = array_filter(
            array_column($of->done, 'daysAgo'),
            static fn (int $ago): bool => $ago >= 1 && $ago <= 6,
        );

        return \in_array(1, $before, true) || \count($before) >= 3;
    }

    /** The beta-binomial tail by its recurrence, from no miss upwards. */
    private function mustStop(Invented $of): bool
    {
        $reps = $misses = $usualReps = $usualMisses = 0;
        foreach ($of->done as $one) {
            if (0 === $one['daysAgo']) {
                $reps += $one['reps'];
                $misses += $one['misses'];
            } else {
                $usualReps += $one['reps'];
                $usualMisses += $one['misses'];
            }
        }
        $usual = $usualReps + $usualMisses;
        if ($misses < 8 || $usual < 60) {
            return false;
        }
        $rate = ($usualMisses + 0.5) / ($usual + 1);
        [$a, $b, $n] = [100 * $rate, 100 * (1 - $rate), $reps + $misses];
        $log = 0.0;
        for ($j = 0; $j < $n; ++$j) {
            $log += log(($b + $j) / (100 + $j));
        }
        $p = exp($log);
        $below = 0.0;
        for ($k = 0; $k < $misses; ++$k) {
            $below += $p;
            $p *= (($n - $k) * ($k + $a)) / (($k + 1) * ($n - $k - 1 + $b));
        }

        return 1 - $below < 0.01;
    }
}
