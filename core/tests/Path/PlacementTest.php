<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Path;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\Placement;
use Zumbo\Core\Path\RopeComesRound;
use Zumbo\Core\Path\TwoMinutes;
use Zumbo\Core\Stage\Stage;

/**
 * Newcomers as they come through the door, written down before the rule; common practice, no published source. Each line: hops
 * that halted, turns, landings and misses of twenty seconds of singles, tall singles of three, doubles of three, best of three
 * goes at doubles for whoever says they link them.
 */
final class PlacementTest extends TestCase
{
    #[DataProvider('newcomers')]
    public function testWhereANewcomerStands(
        int $halts,
        int $turns,
        int $landings,
        int $misses,
        int $tall,
        int $doubles,
        ?int $best,
        Stage $stage,
        ?Stage $mayBe = null,
    ): void {
        $placed = Placement::of(new TwoMinutes($halts, $turns, $landings, $misses, $tall, 3, $doubles, 3, $best), Ways::usual());
        self::assertSame([$stage, $mayBe], [$placed->stage, $placed->mayBe]);
    }

    /**
     * @return iterable<string, array{0: int, 1: int, 2: int, 3: int, 4: int, 5: int, 6: int|null, 7: Stage, 8?: Stage|null}>
     */
    public static function newcomers(): iterable
    {
        yield 'a child who stops to look at the feet' => [3, 8, 9, 4, 0, 0, null, Stage::Jump];
        yield 'one halt is none' => [1, 30, 30, 1, 1, 0, null, Stage::Singles];
        yield 'hops well, the rope has never been turned' => [0, 0, 0, 0, 0, 0, null, Stage::Join];
        yield 'a bounce between the turns' => [0, 22, 44, 0, 3, 0, null, Stage::Join];
        yield 'nearly every turn with a bounce' => [0, 22, 38, 1, 2, 0, null, Stage::Join];
        yield 'now and then a bounce' => [0, 28, 31, 1, 2, 0, null, Stage::Range];
        yield 'three misses in twenty seconds' => [0, 20, 20, 3, 3, 1, null, Stage::Join, Stage::Singles];
        yield 'two misses, nothing tall' => [0, 30, 30, 2, 0, 0, null, Stage::Singles];
        yield 'two misses, one of three tall' => [0, 30, 30, 2, 1, 0, null, Stage::Singles];
        yield 'quiet singles, two of three tall' => [0, 36, 36, 0, 2, 0, null, Stage::Range];
        yield 'a lucky double is noted, not rewarded' => [0, 36, 36, 0, 2, 1, null, Stage::Range, Stage::Snap];
        yield 'tall singles all, doubles two of three' => [0, 36, 36, 0, 3, 2, null, Stage::Range, Stage::Snap];
        yield 'all tall, all doubles landed tall' => [0, 36, 36, 0, 3, 3, null, Stage::Snap];
        yield 'a bounce stands against the doubles' => [0, 20, 40, 0, 3, 3, null, Stage::Join];
        yield 'four in a row' => [0, 36, 36, 0, 0, 0, 4, Stage::Mix];
        yield 'nine' => [0, 36, 36, 0, 0, 0, 9, Stage::Mix];
        yield 'ten' => [0, 36, 36, 1, 0, 0, 10, Stage::Link];
        yield 'nineteen' => [0, 36, 36, 0, 0, 0, 19, Stage::Link];
        yield 'twenty' => [0, 36, 36, 0, 0, 0, 20, Stage::Hold];
        yield 'said ten, made two' => [0, 36, 36, 0, 0, 0, 2, Stage::Snap];
        yield 'said ten, and bounces' => [0, 20, 40, 0, 0, 0, 12, Stage::Join];
    }

    public function testItSaysWhatItRestsOnAndThatItIsProvisional(): void
    {
        $placed = Placement::of(new TwoMinutes(0, 36, 36, 0, 2, 3, 1, 3, null), Ways::usual());
        self::assertSame([
            'Placed at Range: quiet singles without a miss, 2 of 3 tall singles. To be confirmed at the first practice.',
            '36 singles and no miss: 20 in a row about 6 times in 10.',
            'A double is there: may be Snap already.',
        ], self::said($placed->reasons));
        self::assertSame('quick-and-tall', $placed->drill->code);
        $bounces = Placement::of(new TwoMinutes(0, 22, 44, 0, 3, 3, 0, 3, null), Ways::usual());
        self::assertSame(
            'Placed at Join: two landings for each turn. To be confirmed at the first practice.',
            self::said($bounces->reasons)[0],
        );
        self::assertSame('one jump, one turn', $bounces->drill->cue);
    }

    /** Beta(1, 1) and these counts alone: P(20 in a row) = B(32 + 20, 2) / B(32, 2) = 32·33 / (52·53) = 0.38. */
    public function testWhatWasCountedIsTold(): void
    {
        $placed = Placement::of(TwoMinutes::seen(0, RopeComesRound::Quiet, 1, 2, 0, null, 31), Ways::usual());
        self::assertSame('31 singles and one miss: 20 in a row about 4 times in 10.', self::said($placed->reasons)[1]);
        $uncounted = Placement::of(TwoMinutes::seen(0, RopeComesRound::Quiet, 1, 2, 0, null), Ways::usual());
        self::assertCount(1, $uncounted->reasons, 'nobody counted');
        self::assertCount(1, Placement::of(TwoMinutes::seen(0, RopeComesRound::Bouncing, 1, 2, 0, null, 31), Ways::usual())->reasons);
    }

    public function testSeenIsAsGoodAsCounted(): void
    {
        $placed = static fn (RopeComesRound $round): Stage => Placement::of(
            TwoMinutes::seen(0, $round, 1, 2, 0, null),
            Ways::usual(),
        )->stage;
        self::assertSame([Stage::Join, Stage::Join, Stage::Range], array_map($placed, RopeComesRound::cases()));
    }

    /**
     * @param list<Verdict> $verdicts
     *
     * @return list<string>
     */
    private static function said(array $verdicts): array
    {
        return array_map(MessageCatalogue::in(LengthUnit::Centimetre)->sentence(...), $verdicts);
    }
}
