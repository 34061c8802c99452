<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sets;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Rhythm\OneJump;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\LadderOutlook;
use Zumbo\Core\Sets\Ladder\LadderVerdict;
use Zumbo\Core\Sets\Ladder\RungOutlook;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Tests\Reference;

final class LadderTest extends TestCase
{
    private const FAMILIES = [
        'ascending' => LadderFamily::Rising,
        'pyramid' => LadderFamily::Pyramid,
        'falling_singles' => LadderFamily::FallingSingles,
    ];

    /**
     * @param array<string, mixed>     $in
     * @param array<string, int|float> $out
     */
    #[DataProvider('ladderCases')]
    public function testAgreesWithTheReference(array $in, array $out): void
    {
        $ladder = Ladder::of(
            self::FAMILIES[$in['family']],
            (int) $in['n'],
            'S' === $in['type'] ? JumpKind::Single : JumpKind::Double,
        );
        $doubles = isset($in['doubles'])
            ? Hazard::weibull((float) $in['doubles']['lam'], (float) $in['doubles']['beta'])
            : Hazard::constant(0.0);
        $outlook = LadderOutlook::of(
            $ladder,
            Hazard::constant((float) ($in['qS_const'] ?? 0.0)),
            $doubles,
            (float) $in['tS'],
            (float) $in['tD'],
            (float) $in['b'],
            (float) $in['m'],
        );
        self::assertCount((int) $out['rungs'], $outlook->rungs);
        self::assertSame(
            (int) $out['jumps'],
            array_sum(array_map(static fn (RungOutlook $rung): int => $rung->pattern->jumps(), $outlook->rungs)),
        );
        self::assertSame(
            (int) $out['turns'],
            array_sum(array_map(static fn (RungOutlook $rung): int => $rung->pattern->turns(), $outlook->rungs)),
        );
        $chances = array_map(static fn (RungOutlook $rung): float => $rung->chance, $outlook->rungs);
        self::assertEqualsWithDelta($out['p_all'], $outlook->chanceOfAll(), 1e-5);
        self::assertEqualsWithDelta($out['p_min'], min([1.0, ...$chances]), 1e-6);
        self::assertEqualsWithDelta($out['p_last'], end($chances), 1e-6);
        self::assertEqualsWithDelta($out['exp_tries'], $outlook->goes(), 1e-4);
        self::assertEqualsWithDelta($out['exp_time'], $outlook->expectedS(), 1e-3);
        self::assertEqualsWithDelta($out['exp_jumps_done'], $outlook->expectedJumps(), 1e-3);
        self::assertEqualsWithDelta($out['time_clean'], $outlook->cleanS(), 1e-3);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function ladderCases(): iterable
    {
        return Reference::cases('ladders.json', 'ladder');
    }

    /** By hand: 1 + 2 + … + n = n(n+1)/2, up and down again n². */
    #[DataProvider('totals')]
    public function testJumpsAddUpByHand(LadderFamily $family, int $top, int $singles, int $jumps): void
    {
        $ladder = Ladder::of($family, $top, fixedSingles: max(1, $singles));
        self::assertSame($jumps, array_sum(array_map(static fn (Pattern $rung): int => $rung->jumps(), $ladder->rungs)));
    }

    /**
     * @return iterable<string, array{LadderFamily, int, int, int}>
     */
    public static function totals(): iterable
    {
        yield 'rising to 10' => [LadderFamily::Rising, 10, 0, 55];
        yield 'pyramid to 7' => [LadderFamily::Pyramid, 7, 0, 49];
        yield 'pyramid of one' => [LadderFamily::Pyramid, 1, 0, 1];
        yield 'falling singles from 5' => [LadderFamily::FallingSingles, 5, 0, 20];
        yield 'three singles, rising doubles to 6' => [LadderFamily::FixedSingles, 6, 3, 39];
    }

    /**
     * Seeded, so it can't fail by chance: simulated ladders take the expected time and tries within three standard
     * errors.
     */
    #[DataProvider('simulated')]
    public function testSimulatedLaddersTakeTheExpectedTimeAndTries(
        LadderFamily $family,
        int $top,
        float $scale,
        float $shape,
    ): void {
        $random = new Randomizer(new Mt19937(23));
        $doubles = Hazard::weibull($scale, $shape);
        $singles = Hazard::constant(0.02);
        $ladder = Ladder::of($family, $top, fixedSingles: 3);
        $outlook = LadderOutlook::of($ladder, $singles, $doubles, 0.5, 0.6, 5.0, 8.0);
        $times = $tries = [];
        for ($i = 0; $i < 3000; ++$i) {
            $time = 5.0 * (\count($ladder->rungs) - 1);
            $count = 0;
            foreach ($ladder->rungs as $rung) {
                do {
                    ++$count;
                    [$made, $seconds] = self::goUp($rung, $singles, $doubles, $random);
                    $time += $seconds + ($made ? 0.0 : 8.0);
                } while (!$made);
            }
            $times[] = $time;
            $tries[] = $count;
        }
        self::assertWithinThreeErrors($outlook->expectedS(), $times);
        self::assertWithinThreeErrors($outlook->goes(), $tries);
    }

    /**
     * @return iterable<string, array{LadderFamily, int, float, float}>
     */
    public static function simulated(): iterable
    {
        yield 'rising doubles, tired' => [LadderFamily::Rising, 8, 14.0, 1.6];
        yield 'pyramid, bad starts' => [LadderFamily::Pyramid, 5, 12.0, 0.8];
        yield 'three singles before' => [LadderFamily::FixedSingles, 6, 20.0, 1.2];
        yield 'one double after singles' => [LadderFamily::FallingSingles, 5, 6.0, 1.0];
    }

    public function testTheRungsRead(): void
    {
        self::assertSame(
            ['3s d', '2s d', 's d'],
            array_map(
                static fn (Pattern $rung): string => $rung->notation(),
                Ladder::of(LadderFamily::FallingSingles, 3)->rungs,
            ),
        );
        self::assertSame(
            ['2s d', '2s 2d'],
            array_map(
                static fn (Pattern $rung): string => $rung->notation(),
                Ladder::of(LadderFamily::FixedSingles, 2, fixedSingles: 2)->rungs,
            ),
        );
    }

    public function testSaysWhetherALadderSuitsPractice(): void
    {
        $verdict = static fn (float $q): string => LadderVerdict::of(
            LadderOutlook::of(
                Ladder::of(LadderFamily::Rising, 10),
                Hazard::constant(0.0),
                Hazard::constant($q),
                0.5,
                0.6,
                5,
                8,
            ),
        )->code;
        self::assertSame('ladder.easy', $verdict(0.01));
        self::assertSame('ladder.fits', $verdict(0.05));
        self::assertSame('ladder.hard', $verdict(0.15));
    }

    /**
     * By hand, at 92 of 100: six rungs at first go 0.92^21 = 0.174; tries Σ 0.92^−k = 8.11 for k = 1…6, so 2.11 misses.
     * A go at k that fails leaves the jumps before it; with the missed one it costs Σ (1 − 0.92^k)/(0.08·0.92^k) contacts
     * in all (W. Feller I, ch. XIII): 1.087 + 2.268 + 3.553 + 4.948 + 6.466 + 8.115.
     */
    public function testRepeatsAndMissesAreContacts(): void
    {
        $outlook = self::rising(6, 0.08);
        self::assertEqualsWithDelta(0.92 ** 21, $outlook->chanceOfAll(), 1e-12);
        $feller = array_sum(array_map(static fn (int $k): float => (1 - 0.92 ** $k) / (0.08 * 0.92 ** $k), range(1, 6)));
        self::assertEqualsWithDelta($feller, $outlook->expectedContacts(), 1e-9);
        self::assertEqualsWithDelta(26.4, $outlook->expectedContacts(), 0.05);
    }

    public function testWhatIsMadeLessThanOnceInTwentyIsNotForToday(): void
    {
        self::assertTrue(self::rising(9, 0.28)->isInReach(), '0.72^9 = 0.052');
        $beyond = self::rising(10, 0.28);
        self::assertFalse($beyond->isInReach());
        self::assertSame('ladder.not_today', LadderVerdict::of($beyond)->code);
        self::assertSame(999, LadderVerdict::of(self::rising(40, 0.4))->values['misses']);
    }

    private static function rising(int $top, float $q): LadderOutlook
    {
        return LadderOutlook::of(
            Ladder::of(LadderFamily::Rising, $top),
            Hazard::constant(0.0),
            Hazard::constant($q),
            0.5,
            0.6,
            5.0,
            8.0,
        );
    }

    public function testRefusesALadderWithoutRungs(): void
    {
        $this->expectException(OutOfRange::class);
        Ladder::of(LadderFamily::Rising, 0);
    }

    /**
     * One go at a rung, jump by jump.
     *
     * @return array{bool, float} whether it was made, and the seconds until then
     */
    private static function goUp(Pattern $rung, Hazard $singles, Hazard $doubles, Randomizer $random): array
    {
        $q = ['s' => $singles->first($rung->jumps()), 'd' => $doubles->first($rung->jumps())];
        $time = 0.0;
        $position = 0;
        foreach ($rung->steps() as $step) {
            \assert($step instanceof OneJump);
            $kind = JumpKind::Double === $step->kind ? 'd' : 's';
            if ($random->getInt(0, 999_999) / 1_000_000 < $q[$kind][$position++]) {
                return [false, $time];
            }
            $time += 'd' === $kind ? 0.6 : 0.5;
        }

        return [true, $time];
    }

    /**
     * @param non-empty-list<float|int> $drawn
     */
    private static function assertWithinThreeErrors(float $expected, array $drawn): void
    {
        $mean = array_sum($drawn) / \count($drawn);
        $error = sqrt(
            array_sum(array_map(static fn (float|int $one): float => ($one - $mean) ** 2, $drawn)) /
                (\count($drawn) - 1) /
                \count($drawn),
        );
        self::assertEqualsWithDelta($expected, $mean, 3 * $error);
    }
}
