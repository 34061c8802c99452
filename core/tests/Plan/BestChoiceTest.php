<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Plan\Choice\BestChoice;
use Zumbo\Core\Plan\Choice\Choices;
use Zumbo\Core\Plan\Choice\LowerBound;
use Zumbo\Core\Plan\Choice\NothingToChoose;

final class BestChoiceTest extends TestCase
{
    public function testItIsTheBestOfAllThereAre(): void
    {
        $draws = new Draws(7);
        for ($i = 0; $i < 120; ++$i) {
            $choices = self::some($draws, 1 + $i % 5, 2 + $i % 6);
            $best = BestChoice::of($choices);
            self::assertEqualsWithDelta(self::bruteForce($choices), $best->cost, 1e-9, "case $i");
            self::assertEqualsWithDelta($best->cost, (float) $choices->cost($best->chosen), 1e-9);
            self::assertSame(0.0, $best->gap());
        }
    }

    public function testNoChoiceCostsLessThanTheBound(): void
    {
        $draws = new Draws(11);
        for ($i = 0; $i < 60; ++$i) {
            $choices = self::some($draws, 2 + $i % 4, 5);
            $best = self::bruteForce($choices);
            self::assertLessThanOrEqual($best + 1e-9, LowerBound::of($choices, $best)->value);
        }
    }

    public function testALargeClassIsWithinATwentiethOfWhatNobodyCanGoBelow(): void
    {
        $draws = new Draws(3);
        foreach ([12, 20, 30] as $people) {
            // As in a hall: a dozen things to do each, of which few need something scarce.
            $choices = self::some($draws, $people, 14, 0.15);
            $best = BestChoice::of($choices);
            self::assertNotNull($choices->cost($best->chosen));
            self::assertLessThanOrEqual(BestChoice::GAP, $best->gap(), "$people people");
        }
    }

    public function testWhatIsWorthItTogetherIsDoneTogether(): void
    {
        // Alone each would take its own; opening three costs more than meeting at the fourth.
        $costs = [[0 => 0.0, 3 => 1.0], [1 => 0.0, 3 => 1.0], [2 => 0.0, 3 => 1.0]];
        $best = BestChoice::of(Choices::of($costs, [0 => 2.0, 1 => 2.0, 2 => 2.0, 3 => 2.0], [], []));
        self::assertSame([3, 3, 3], $best->chosen);
        self::assertSame(5.0, $best->cost);
    }

    public function testOneBarIsForOne(): void
    {
        $costs = [[0 => 5.0, 1 => 0.0], [0 => 4.0, 1 => 0.0]];
        $best = BestChoice::of(Choices::of($costs, [], [1 => ['bar']], ['bar' => 1]));
        self::assertSame([1, 0], $best->chosen, 'it goes to who gains most by it');
    }

    public function testSomebodyNeedsSomethingThatIsAlwaysThere(): void
    {
        $this->expectException(NothingToChoose::class);
        Choices::of([[1 => 0.0]], [], [1 => ['bar']], ['bar' => 1]);
    }

    private static function some(Draws $draws, int $people, int $options, float $scarce = 0.4): Choices
    {
        $costs = $opening = $needs = [];
        for ($option = 0; $option < $options; ++$option) {
            $opening[$option] = $draws->between(0, 2);
            $needs[$option] = $option > 0 && $draws->between(0, 1) < $scarce ? [$draws->between(0, 1) < 0.5 ? 'bar' : 'mat'] : [];
        }
        for ($person = 0; $person < $people; ++$person) {
            $own = [0 => $draws->between(2, 6)];
            for ($option = 1; $option < $options; ++$option) {
                if ($draws->between(0, 1) < 0.7) {
                    $own[$option] = $draws->between(0, 5);
                }
            }
            $costs[] = $own;
        }

        return Choices::of($costs, $opening, $needs, ['bar' => 1, 'mat' => 2]);
    }

    /**
     * @param list<int> $chosen
     */
    private static function bruteForce(Choices $choices, array $chosen = []): float
    {
        if (\count($chosen) === $choices->people()) {
            return $choices->cost($chosen) ?? \INF;
        }
        $best = \INF;
        foreach (array_keys($choices->costs[\count($chosen)]) as $option) {
            $best = min($best, self::bruteForce($choices, [...$chosen, $option]));
        }

        return $best;
    }
}
