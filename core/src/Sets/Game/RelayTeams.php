<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Game;

use Zumbo\Core\Measure\OutOfRange;

/**
 * Teams of a relay, balanced by the time each member is expected to take. Teams differ by one member at most; in a smaller
 * one the quickest jumps twice.
 */
final readonly class RelayTeams
{
    public const MOST_TEAMS = 10;

    /** So many ways are looked through; beyond that members are swapped as long as it helps. */
    private const MOST_WAYS_FOR = 14;

    /**
     * @param non-empty-list<list<int>> $teams   positions in the list of members
     * @param non-empty-list<float>     $seconds of each team
     */
    private function __construct(public array $teams, public array $seconds)
    {
    }

    /**
     * @param list<float> $seconds of each member's leg, above 0
     *
     * @throws OutOfRange when there are fewer than two teams, more than ten, or more teams than members
     */
    public static function balanced(array $seconds, int $teams): self
    {
        if ($teams < 2 || $teams > self::MOST_TEAMS || $teams > \count($seconds)) {
            throw OutOfRange::of('teams', (string) $teams, \sprintf('from 2 to %d, and one member each', self::MOST_TEAMS));
        }
        $largest = (int) ceil(\count($seconds) / $teams);
        $found = 2 === $teams && \count($seconds) <= self::MOST_WAYS_FOR
            ? self::best($seconds, $largest)
            : self::swapped(self::dealt($seconds, $teams), $seconds, $largest);

        return new self(array_map(array_values(...), $found), self::times($found, $seconds, $largest));
    }

    /** Seconds between the quickest and the slowest team. */
    public function spreadS(): float
    {
        return max($this->seconds) - min($this->seconds);
    }

    /**
     * The slowest first, to and fro.
     *
     * @param list<float> $seconds
     *
     * @return non-empty-list<list<int>>
     */
    private static function dealt(array $seconds, int $teams): array
    {
        arsort($seconds);
        $dealt = array_fill(0, max(1, $teams), []);
        foreach (array_keys($seconds) as $i => $member) {
            $lap = intdiv($i, $teams);
            $dealt[0 === $lap % 2 ? $i % $teams : $teams - 1 - $i % $teams][] = $member;
        }

        return $dealt;
    }

    /**
     * Two teams: every way.
     *
     * @param list<float> $seconds
     *
     * @return array{list<int>, list<int>}
     */
    private static function best(array $seconds, int $largest): array
    {
        $best = null;
        $least = \INF;
        $members = array_keys($seconds);
        for ($ways = 1; $ways < 1 << \count($seconds); ++$ways) {
            $one = array_values(array_filter($members, static fn (int $member): bool => 0 !== ($ways >> $member & 1)));
            if (\count($one) !== $largest) {
                continue;
            }
            $teams = [$one, array_values(array_diff($members, $one))];
            $spread = self::spread($teams, $seconds, $largest);
            if ($spread < $least) {
                [$best, $least] = [$teams, $spread];
            }
        }

        return $best ?? [$members, []];
    }

    /**
     * @param non-empty-list<array<int, int>> $teams
     * @param list<float>                     $seconds
     *
     * @return non-empty-list<array<int, int>>
     */
    private static function swapped(array $teams, array $seconds, int $largest): array
    {
        $spread = self::spread($teams, $seconds, $largest);
        do {
            $before = $spread;
            foreach (self::swaps($teams) as [$a, $i, $b, $j]) {
                $tried = $teams;
                [$tried[$a][$i], $tried[$b][$j]] = [$teams[$b][$j], $teams[$a][$i]];
                $now = self::spread($tried, $seconds, $largest);
                if ($now < $spread - 1e-9) {
                    [$teams, $spread] = [$tried, $now];
                }
            }
        } while ($spread < $before - 1e-9);

        return $teams;
    }

    /**
     * @param non-empty-list<array<int, int>> $teams
     *
     * @return iterable<array{int, int, int, int}> team and place of both
     */
    private static function swaps(array $teams): iterable
    {
        foreach ($teams as $a => $one) {
            foreach (\array_slice($teams, $a + 1, null, true) as $b => $other) {
                foreach (array_keys($one) as $i) {
                    foreach (array_keys($other) as $j) {
                        yield [$a, $i, $b, $j];
                    }
                }
            }
        }
    }

    /**
     * @param non-empty-list<array<int, int>> $teams
     * @param list<float>                     $seconds
     */
    private static function spread(array $teams, array $seconds, int $largest): float
    {
        $times = self::times($teams, $seconds, $largest);
        $mean = array_sum($times) / \count($times);

        // The squares too, so that a swap in the middle helps.
        return max($times) - min($times) + 1e-3 * array_sum(array_map(static fn (float $time): float => ($time - $mean) ** 2, $times));
    }

    /**
     * @param non-empty-list<array<int, int>> $teams
     * @param list<float>                     $seconds
     *
     * @return non-empty-list<float>
     */
    private static function times(array $teams, array $seconds, int $largest): array
    {
        return array_map(static function (array $team) use ($seconds, $largest): float {
            $legs = array_map(static fn (int $member): float => $seconds[$member], $team);

            return array_sum($legs) + (\count($legs) < $largest && [] !== $legs ? min($legs) : 0.0);
        }, $teams);
    }
}
