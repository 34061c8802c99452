<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sets;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\LadderPace;
use Zumbo\Core\Sets\Ladder\MissRule;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\Posterior;
use Zumbo\Core\Tests\Reference;

/**
 * Ladders under a miss rule, against Markov chains solved as exact fractions (reference/sets-and-hall.py).
 */
final class LadderCourseTest extends TestCase
{
    private const RUNS = 1_000_000;

    /**
     * @param array{family: string, p: string, rungs: list<int>, jumps: int, all_at_once: float, goes: array<string, float>} $case
     */
    #[DataProvider('courses')]
    public function testGoesByTheMissRule(array $case, MissRule $rule): void
    {
        $ladder = Ladder::of(LadderFamily::from($case['family']), max([1, ...$case['rungs']]));
        $outlook = self::pace(self::fraction($case['p']))->outlook($ladder, $rule);
        self::assertSame($case['rungs'], array_map(static fn (Pattern $rung): int => $rung->jumps(), $ladder->rungs));
        self::assertSame($case['jumps'], $ladder->jumps());
        self::assertEqualsWithDelta($case['all_at_once'], $outlook->chanceOfAll(), 1e-12);
        self::assertEqualsWithDelta($case['goes'][$rule->value], $outlook->goes(), 1e-9 * $outlook->goes());
    }

    /**
     * @return iterable<string, array{array<string, mixed>, MissRule}>
     */
    public static function courses(): iterable
    {
        foreach (Reference::file('sets-and-hall.json')['ladders'] as $case) {
            foreach (MissRule::cases() as $rule) {
                yield $case['family'].' '.$case['p'].' '.$rule->value => [$case, $rule];
            }
        }
    }

    /**
     * W. Feller, An Introduction to Probability Theory and Its Applications, vol. 1, XIII.7: heads until a run of r.
     *
     * @param array{p: string, length: int, tries: string} $case
     */
    #[DataProvider('runs')]
    public function testRepsToARun(array $case): void
    {
        $p = self::fraction($case['p']);
        $expected = self::fraction($case['tries']);
        self::assertEqualsWithDelta($expected, Posterior::repsToStreak($p, $case['length']), 1e-9 * $expected);
    }

    /**
     * @return iterable<string, array{array<string, mixed>}>
     */
    public static function runs(): iterable
    {
        foreach (Reference::file('sets-and-hall.json')['runs'] as $case) {
            yield $case['p'].' to '.$case['length'] => [$case];
        }
    }

    /** A million seeded ladders, each go drawn for itself: goes, jumps and misses within three standard errors. */
    public function testAgreesWithAMillionRuns(): void
    {
        $p = 0.9;
        $rungs = [1, 3, 5, 6];
        $dice = new Randomizer(new Mt19937(1958));
        $sums = ['goes' => [0.0, 0.0], 'jumps' => [0.0, 0.0]];
        for ($run = 0; $run < self::RUNS; ++$run) {
            $goes = $jumps = $at = 0;
            while ($at < 4) {
                ++$goes;
                $made = (int) floor(log($dice->getInt(1, 4_294_967_295) / 4_294_967_296) / log($p));
                $jumps += min($made, $rungs[$at]);
                $at = $made >= $rungs[$at] ? $at + 1 : max(0, $at - 1);
            }
            foreach (['goes' => $goes, 'jumps' => $jumps] as $what => $value) {
                $sums[$what][0] += $value;
                $sums[$what][1] += $value * $value;
            }
        }
        $outlook = self::pace($p)->outlook(Ladder::of(LadderFamily::Rising, 6, step: 2), MissRule::StepDown);
        self::assertWithin($outlook->goes(), $sums['goes']);
        self::assertWithin($outlook->expectedJumps(), $sums['jumps']);
    }

    /** By hand: three rungs at 1/2 carried on with, each begun once; a break between, and a missed go costs its time. */
    public function testCarryingOnByHand(): void
    {
        $outlook = self::pace(0.5)->outlook(Ladder::of(LadderFamily::Rising, 2), MissRule::CarryOn);
        // 1 jump: made in half (1 s), missed in half (8 s). 2 jumps: 1/4 made (2 s), 1/2 missed at once, 1/4 after one.
        self::assertEqualsWithDelta(0.5 * 1 + 0.5 * 8 + 5 + 0.25 * 2 + 0.5 * 8 + 0.25 * 9, $outlook->expectedS(), 1e-12);
        self::assertEqualsWithDelta(0.5 + 0.25 * 2 + 0.25 * 1, $outlook->expectedJumps(), 1e-12);
        self::assertEqualsWithDelta(0.5 + 0.75, $outlook->expectedMisses(), 1e-12);
    }

    /** By hand: 2, 4, 6 and back is 18; three times through 54; two calm singles after each of fifteen rungs are 30. */
    public function testStepsTimesAndTheExit(): void
    {
        $ladder = Ladder::of(LadderFamily::Pyramid, 6, start: 2, step: 2, times: 3, exitSingles: 2);
        self::assertSame([54, 108, 30], [$ladder->jumps(), $ladder->turns(), $ladder->exitJumps()]);
        self::assertSame('2d 2s', $ladder->rungs[0]->notation());
        self::assertSame(2, $ladder->reps($ladder->rungs[0]), 'the exit is not counted');
        self::assertSame([1, 4, 7, 10], LadderFamily::Rising->numbers(1, 3, 10));
        self::assertSame([1, 4, 7, 9], LadderFamily::Rising->numbers(1, 3, 9), 'the top is climbed to');
        self::assertSame([12], LadderFamily::Unbroken->numbers(1, 1, 12));
        $unbroken = self::pace(0.95)->outlook(Ladder::of(LadderFamily::Unbroken, 12, times: 5));
        self::assertEqualsWithDelta(0.95 ** 60, $unbroken->chanceOfAll(), 1e-12);
    }

    public function testTheExitCanBeMissedToo(): void
    {
        $pace = new LadderPace(Hazard::constant(0.1), Hazard::constant(0.2), 0.5, 0.6, 5, 8);
        $outlook = $pace->outlook(Ladder::of(LadderFamily::Rising, 2, exitSingles: 3));
        self::assertEqualsWithDelta(0.8 * 0.9 ** 3, $outlook->rungs[0]->chance, 1e-12);
    }

    public function testARungThatCannotBeMadeTakesForEver(): void
    {
        $outlook = self::pace(1e-4)->outlook(Ladder::of(LadderFamily::Rising, 90));
        self::assertInfinite($outlook->goes());
        self::assertInfinite($outlook->expectedS());
        self::assertFalse($outlook->isInReach());
    }

    public function testAStartAboveTheTopIsRefusedByName(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessageMatches('/start.*12/');
        Ladder::of(LadderFamily::Rising, 10, start: 12);
    }

    private static function pace(float $p): LadderPace
    {
        return new LadderPace(Hazard::constant(1 - $p), Hazard::constant(1 - $p), 1.0, 1.0, 5.0, 8.0);
    }

    private static function fraction(string $written): float
    {
        [$over, $under] = [...explode('/', $written), '1'];

        return (float) $over / (float) $under;
    }

    /**
     * @param array{float, float} $sums of the values and of their squares
     */
    private static function assertWithin(float $expected, array $sums): void
    {
        $mean = $sums[0] / self::RUNS;
        self::assertEqualsWithDelta($expected, $mean, 3 * sqrt(($sums[1] / self::RUNS - $mean ** 2) / self::RUNS));
    }
}
