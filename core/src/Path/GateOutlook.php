<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Posterior;
use Zumbo\Core\Streak\Prior;

/**
 * How likely an athlete passes the gate of their stage again, how sure that is, and the one next thing.
 *
 * A gate is open when the chance of passing it again is high, not when it was met once: as the last sessions tell it
 * (RecentSessions). Open from 0.8 on, with at least five entries and the last ones clean; nearly from 0.5; settled when
 * the 80 % interval of the chance lies on one side of 0.8. Limits are our assumption.
 */
final readonly class GateOutlook
{
    public const OPEN_FROM = 0.8;
    private const NEARLY_FROM = 0.5;

    /** What is usual at a stage is said when it moves the chance by more. */
    private const PRIOR_SAID_FROM = 0.03;
    private const LEAST_ENTRIES = 5;
    private const INTERVAL = 0.8;
    private const MOST_MORE = 50;

    private function __construct(
        public Gate $gate,
        /** The chance of one rep, try or second more. */
        public Posterior $posterior,
        public float $chance,
        /** @var array{float, float} the 80 % interval of the chance */
        public array $interval,
        public int $entries,
        public int $sessions,
        /** How many more entries would settle it; 0 when settled, null when more than fifty. */
        public ?int $more,
        public bool $open,
        /** The outlook as a sentence. */
        public Verdict $outlook,
        /** What it rests on and what would settle it. */
        public Verdict $basis,
        /** The one next thing. */
        public Verdict $next,
    ) {
    }

    /**
     * @param list<Entry> $entries of this stage, the newest last
     */
    public static function of(Stage $stage, Gate $gate, array $entries): self
    {
        return self::ofLog($stage, $gate, GateLog::ofEntries($gate->countKind, $entries));
    }

    /** @param GateLog $log of this stage, of what the gate counts */
    public static function ofLog(Stage $stage, Gate $gate, GateLog $log): self
    {
        $prior = CountKind::Tries === $gate->countKind ? Prior::flat() : Prior::forStage($stage);
        $recent = RecentSessions::of($prior, $log->sessions);
        $posterior = $recent->posterior;
        $chance = self::chance($gate, $posterior);
        $interval = self::interval($gate, $posterior);
        $count = $recent->entries;
        $byPrior = $chance - self::chance($gate, RecentSessions::of(Prior::flat(), $log->sessions)->posterior);
        $more = self::more($chance, $interval, $count);
        $rough = \count(array_filter($log->lastClean, static fn (bool $clean): bool => !$clean));
        $open = $chance >= self::OPEN_FROM && $count >= self::LEAST_ENTRIES && 0 === $rough;

        return new self(
            $gate,
            $posterior,
            $chance,
            $interval,
            $count,
            $recent->sessions,
            $more,
            $open,
            self::outlook($gate, $chance, $count),
            self::basis($recent, $gate, $more, $byPrior),
            self::next($gate, $chance, $count, $more, $rough, $open, self::unaware($stage, $log, $recent)),
        );
    }

    private static function chance(Gate $gate, Posterior $posterior): float
    {
        return CountKind::Tries === $gate->countKind
            ? $posterior->chanceOfClean($gate->count, $gate->tries)
            : $posterior->chanceOf($gate->count);
    }

    /**
     * @return array{float, float}
     */
    private static function interval(Gate $gate, Posterior $posterior): array
    {
        [$low, $high] = $posterior->interval(self::INTERVAL);
        if (CountKind::Tries === $gate->countKind) {
            return [self::binomialTail($low, $gate), self::binomialTail($high, $gate)];
        }

        return [$low ** $gate->count, $high ** $gate->count];
    }

    private static function binomialTail(float $p, Gate $gate): float
    {
        $sum = 0.0;
        $term = (1 - $p) ** $gate->tries;
        for ($k = 0; $k <= $gate->tries; ++$k) {
            if ($k >= $gate->count) {
                $sum += $term;
            }
            $term *= $p < 1.0 ? ((($gate->tries - $k) / ($k + 1)) * $p) / (1 - $p) : 0.0;
        }

        return $p >= 1.0 ? 1.0 : min(1.0, $sum);
    }

    /**
     * The interval narrows with the square root of what it rests on: so many more entries bring it to one side.
     *
     * @param array{float, float} $interval
     */
    private static function more(float $chance, array $interval, int $count): ?int
    {
        [$low, $high] = $interval;
        $missing = max(0, self::LEAST_ENTRIES - $count);
        if ($low >= self::OPEN_FROM || $high < self::OPEN_FROM) {
            return $missing;
        }
        $gap = abs($chance - self::OPEN_FROM);
        $half = $chance >= self::OPEN_FROM ? $chance - $low : $high - $chance;
        $needed = $gap > 0.0 ? max(1, $count) * ($half / $gap) ** 2 - $count : \INF;

        return $needed > self::MOST_MORE ? null : max($missing, 1, (int) ceil($needed));
    }

    private static function outlook(Gate $gate, float $chance, int $count): Verdict
    {
        $values = ['count' => $gate->count, 'tries' => $gate->tries, 'in_ten' => (int) round(10 * $chance)];
        if (0 === $count) {
            return Verdict::of('gate.unknown_'.$gate->countKind->value, $values);
        }
        $often = match (true) {
            $chance < 0.05 => 'hardly',
            $chance < 0.15 => 'once',
            $chance >= 0.95 => 'almost_always',
            default => 'in_ten',
        };

        return Verdict::of('gate.'.$often.'_'.$gate->countKind->value, $values);
    }

    /** @param float $byPrior by so much what is usual at the stage moves the chance */
    private static function basis(RecentSessions $recent, Gate $gate, ?int $more, float $byPrior): Verdict
    {
        $values = [
            // One batch of tries is as many attempts; a go or a hold is one.
            'attempts' => CountKind::Tries === $gate->countKind ? $recent->attempts : $recent->entries,
            'sessions' => $recent->sessions,
            'more' => $more ?? self::MOST_MORE,
            'points' => abs($byPrior) > self::PRIOR_SAID_FROM ? (int) round(100 * abs($byPrior)) : 0,
            'way' => $byPrior > 0.0 ? 'up' : 'down',
        ];

        return match (true) {
            0 === $recent->entries => Verdict::of('gate.basis_none', $values),
            null === $more => Verdict::of('gate.basis_far', $values),
            0 === $more => Verdict::of($recent->posterior->summed ? 'gate.basis_settled_sums' : 'gate.basis_settled', $values),
            default => Verdict::of('gate.basis_more', $values),
        };
    }

    private static function unaware(Stage $stage, GateLog $log, RecentSessions $recent): ?Verdict
    {
        $after = Stage::cases()[$stage->number()] ?? null;

        return Unaware::of($log, null === $after ? null : GateTable::of($after), $recent);
    }

    private static function next(
        Gate $gate,
        float $chance,
        int $count,
        ?int $more,
        int $rough,
        bool $open,
        ?Verdict $unaware,
    ): Verdict {
        $values = [
            'count' => $gate->count,
            'quality' => $gate->quality,
            'missing' => max(0, self::LEAST_ENTRIES - $count),
            'more' => $more ?? self::MOST_MORE,
        ];

        return match (true) {
            $open => Verdict::of('gate.next_open', $values),
            0 === $count => Verdict::of('gate.next_first', $values),
            $rough > 0 => Verdict::of('gate.next_quality', $values),
            $chance >= self::OPEN_FROM => Verdict::of('gate.next_few', $values),
            null !== $unaware => $unaware,
            $chance >= self::NEARLY_FROM => Verdict::of($more > 0 ? 'gate.next_nearly' : 'gate.next_close', $values),
            default => Verdict::of('gate.next_practise', $values),
        };
    }
}
