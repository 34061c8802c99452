<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sets;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Sets\Ladder;
use Zumbo\Core\Sets\LadderFamily;
use Zumbo\Core\Sets\LadderOutlook;
use Zumbo\Core\Sets\LadderStory;
use Zumbo\Core\Sets\RungOutlook;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Tests\Reference;

final class LadderTest extends TestCase
{
    private const FAMILIES = ['ascending' => LadderFamily::Rising, 'pyramid' => LadderFamily::Pyramid, 'falling_singles' => LadderFamily::FallingSingles];

    /**
     * @param array<string, mixed>     $in
     * @param array<string, int|float> $out
     */
    #[DataProvider('ladderCases')]
    public function testAgreesWithTheReference(array $in, array $out): void
    {
        $ladder = Ladder::of(self::FAMILIES[$in['family']], (int) $in['n'], 'S' === $in['type'] ? JumpKind::Single : JumpKind::Double);
        $doubles = isset($in['doubles']) ? Hazard::weibull((float) $in['doubles']['lam'], (float) $in['doubles']['beta']) : Hazard::constant(0.0);
        $outlook = LadderOutlook::of($ladder, Hazard::constant((float) ($in['qS_const'] ?? 0.0)), $doubles, (float) $in['tS'], (float) $in['tD'], (float) $in['b'], (float) $in['m']);
        self::assertCount((int) $out['rungs'], $outlook->rungs);
        self::assertSame((int) $out['jumps'], array_sum(array_map(static fn (RungOutlook $rung): int => $rung->pattern->jumps(), $outlook->rungs)));
        self::assertSame((int) $out['turns'], array_sum(array_map(static fn (RungOutlook $rung): int => $rung->pattern->turns(), $outlook->rungs)));
        $chances = array_map(static fn (RungOutlook $rung): float => $rung->chance, $outlook->rungs);
        self::assertEqualsWithDelta($out['p_all'], $outlook->chanceOfAll(), 1e-5);
        self::assertEqualsWithDelta($out['p_min'], min([1.0, ...$chances]), 1e-6);
        self::assertEqualsWithDelta($out['p_last'], end($chances), 1e-6);
        self::assertEqualsWithDelta($out['exp_tries'], $outlook->tries(), 1e-4);
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

    public function testTheRungsRead(): void
    {
        self::assertSame(['3s d', '2s d', 's d'], array_map(static fn (Pattern $rung): string => $rung->notation(), Ladder::of(LadderFamily::FallingSingles, 3)->rungs));
        self::assertSame(['2s d', '2s 2d'], array_map(static fn (Pattern $rung): string => $rung->notation(), Ladder::of(LadderFamily::FixedSingles, 2, fixedSingles: 2)->rungs));
    }

    public function testSaysWhetherALadderSuitsPractice(): void
    {
        $story = static fn (float $q): string => LadderStory::of(LadderOutlook::of(Ladder::of(LadderFamily::Rising, 10), Hazard::constant(0.0), Hazard::constant($q), 0.5, 0.6, 5, 8))->code;
        self::assertSame('ladder.easy', $story(0.01));
        self::assertSame('ladder.fits', $story(0.05));
        self::assertSame('ladder.hard', $story(0.15));
    }

    public function testRefusesALadderWithoutRungs(): void
    {
        $this->expectException(OutOfRange::class);
        Ladder::of(LadderFamily::Rising, 0);
    }
}
