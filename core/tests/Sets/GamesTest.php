<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sets;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Sets\Game\FootGame;
use Zumbo\Core\Sets\Game\OneMoreEachMinute;
use Zumbo\Core\Sets\Game\RelayTeams;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Tests\Reference;

final class GamesTest extends TestCase
{
    /** Common practice, no published source: 1-2-3-4-5-4-3-2-1 is 25 a foot, 5-4-3-2-1 is 15. */
    public function testFeetByHand(): void
    {
        self::assertSame([25, 50], [FootGame::pyramid(5)->eachFoot(), FootGame::pyramid(5)->landings()]);
        self::assertSame([1, 2, 3, 4, 5, 4, 3, 2, 1], FootGame::pyramid(5)->hops);
        $countdown = Reference::file('sets-and-hall.json')['games']['countdown_per_foot'];
        $game = FootGame::countdown($countdown['from']);
        self::assertSame([$countdown['each_foot'], $countdown['landings']], [$game->eachFoot(), $game->landings()]);
    }

    /**
     * @param array{reps_per_s: float, first: int, last_minute: int} $case
     */
    #[DataProvider('minutes')]
    public function testNoBeatFillsMoreThanAMinuteHolds(array $case): void
    {
        $game = OneMoreEachMinute::of($case['first'], Hazard::constant(0.0), 1 / $case['reps_per_s'], 8.0);
        self::assertSame($case['last_minute'] + 1, $game->predictedEnd());
    }

    /**
     * @return iterable<int, array{array<string, float|int>}>
     */
    public static function minutes(): iterable
    {
        foreach (Reference::file('sets-and-hall.json')['games']['one_more_each_minute'] as $case) {
            yield [$case];
        }
    }

    /** Minute by minute with dice: who is still in after each, within three standard errors. */
    public function testStillInAgreesWithSeededMinutes(): void
    {
        $hazard = Hazard::weibull(25, 1.4);
        $q = $hazard->first(60);
        $game = OneMoreEachMinute::of(20, $hazard, 1.0, 5.0);
        $dice = new Randomizer(new Mt19937(60));
        $runs = 8000;
        $still = array_fill(0, 20, 0);
        for ($run = 0; $run < $runs; ++$run) {
            for ($minute = 0; $minute < 20; ++$minute) {
                $time = 0.0;
                for ($reps = $position = 0; $reps < 20 + $minute && $time <= 60;) {
                    $missed = $dice->getInt(1, 1_000_000) <= 1_000_000 * $q[$position];
                    $time += $missed ? 6.0 : 1.0;
                    $reps += $missed ? 0 : 1;
                    $position = $missed ? 0 : $position + 1;
                }
                if ($time > 60.0) {
                    break;
                }
                ++$still[$minute];
            }
        }
        foreach ([0, 5, 10, 14] as $minute) {
            $chance = $game->stillIn[$minute];
            self::assertEqualsWithDelta($chance, $still[$minute] / $runs, 3 * sqrt($chance * (1 - $chance) / $runs) + 1e-9);
        }
    }

    /** By hand: unbroken at 0.9, minute k holds with 0.9ᵏ: 0.9, 0.729, 0.531, 0.349: over in the fourth. */
    public function testUnbrokenByHand(): void
    {
        $game = OneMoreEachMinute::of(1, Hazard::constant(0.1), 0.6, 8, unbroken: true);
        self::assertEqualsWithDelta(0.9 ** 6, $game->stillIn[2], 1e-12);
        self::assertSame([4, 6], [$game->predictedEnd(), $game->reps()]);
        self::assertGreaterThan(4, OneMoreEachMinute::of(1, Hazard::constant(0.1), 0.6, 8)->predictedEnd(), 'restarts count');
    }

    public function testACapEndsItEarlier(): void
    {
        $game = OneMoreEachMinute::of(1, Hazard::constant(0.0), 0.6, 8, mostContacts: 56);
        self::assertSame([11, 55], [$game->predictedEnd(), $game->reps()]);
    }

    public function testMoreThanAMinuteHoldsIsRefused(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessageMatches('/first.*101.*from 1 to 100/');
        OneMoreEachMinute::of(101, Hazard::constant(0.0), 0.6, 8);
    }

    /** Against every way there is, of equal teams. */
    public function testTwoTeamsAreAsEvenAsCanBe(): void
    {
        $draws = new Draws(5);
        for ($round = 0; $round < 20; ++$round) {
            $legs = array_map(static fn (): float => $draws->between(20, 90), range(1, 8));
            $least = \INF;
            foreach (range(0, 255) as $mask) {
                $one = array_filter($legs, static fn (int $i): bool => 0 !== ($mask >> $i & 1), \ARRAY_FILTER_USE_KEY);
                if (4 === \count($one)) {
                    $least = min($least, abs(2 * array_sum($one) - array_sum($legs)));
                }
            }
            self::assertEqualsWithDelta($least, RelayTeams::balanced($legs, 2)->spreadS(), 1e-9);
        }
    }

    public function testManyTeamsAreEven(): void
    {
        $draws = new Draws(6);
        $legs = array_map(static fn (): float => $draws->between(20, 90), range(1, 20));
        $teams = RelayTeams::balanced($legs, 4);
        self::assertSame(range(0, 19), self::sorted(array_merge(...$teams->teams)));
        self::assertLessThan(6, $teams->spreadS(), 'within a few seconds of each other');
    }

    public function testInASmallerTeamTheQuickestJumpsTwice(): void
    {
        $teams = RelayTeams::balanced([10.0, 20.0, 30.0], 2);
        self::assertEqualsWithDelta([40.0, 40.0], $teams->seconds, 10.0);
        self::assertSame([0, 1, 2], self::sorted(array_merge(...$teams->teams)));
    }

    /**
     * @param list<int> $numbers
     *
     * @return list<int>
     */
    private static function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }
}
