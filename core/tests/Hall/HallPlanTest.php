<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Hall;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Hall\ClearCircle;
use Zumbo\Core\Hall\HallPlan;
use Zumbo\Core\Hall\Room;
use Zumbo\Core\Hall\Spot;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Tests\Reference;

final class HallPlanTest extends TestCase
{
    /**
     * Proven best packings of a square (Schaer 1965; Schaer & Meir 1965; from memory, reference/sets-and-hall.py): all have
     * room in a hall a fiftieth wider than they need, and never in one that is a hundredth narrower.
     *
     * @param array{people: int, radius_m: float, least_side_m: float} $case
     */
    #[DataProvider('squares')]
    public function testAsManyAsAProvenPacking(array $case): void
    {
        $people = array_fill(0, $case['people'], ClearCircle::ofRadius($case['radius_m']));
        $plan = static fn (float $side): HallPlan => HallPlan::arranged(Room::of($side, $side), $people);
        self::assertSame([], $plan(1.02 * $case['least_side_m'])->withoutRoom);
        self::assertNotSame([], $plan(0.99 * $case['least_side_m'])->withoutRoom);
    }

    /**
     * @return iterable<int, array{array<string, float|int>}>
     */
    public static function squares(): iterable
    {
        foreach (Reference::file('sets-and-hall.json')['halls'] as $case) {
            yield $case['people'] => [$case];
        }
    }

    /** Whatever the hall and the ropes: nobody in another's circle or over a wall, nobody twice, nobody forgotten. */
    public function testWhoeverIsPlacedHasRoom(): void
    {
        $draws = new Draws(30);
        $left = 0;
        for ($round = 0; $round < 40; ++$round) {
            $room = Room::of($draws->between(3, 16), $draws->between(3, 16));
            $circles = array_map(
                static fn (): ClearCircle => ClearCircle::ofRadius($draws->between(0.9, 1.6)),
                range(1, (int) $draws->between(1, 12)),
            );
            $plan = HallPlan::arranged($room, $circles);
            self::assertSame([], HallPlan::crowded($room, $circles, $plan->spots));
            $everybody = [...array_keys($plan->spots), ...$plan->withoutRoom];
            sort($everybody);
            self::assertSame(array_keys($circles), $everybody);
            $left += \count($plan->withoutRoom);
        }
        self::assertGreaterThan(15, $left, 'some halls were too small');
    }

    /** Small halls by brute force: where three or four centres on a grid of 10 cm keep apart, the plan finds room too. */
    public function testFindsWhatBruteForceFinds(): void
    {
        $found = 0;
        foreach ([[4.6, 3.2], [5.2, 2.7], [3.4, 4.4], [6.0, 2.5], [4.2, 4.2]] as [$width, $depth]) {
            foreach ([2, 3] as $count) {
                $isPossible = self::bruteForce($width, $depth, 1.1, $count);
                $found += $isPossible ? 1 : 0;
                $plan = HallPlan::arranged(Room::of($width, $depth), array_fill(0, $count, ClearCircle::ofRadius(1.1)));
                self::assertTrue(!$isPossible || [] === $plan->withoutRoom, "$count in $width × $depth");
            }
        }
        self::assertGreaterThan(4, $found);
    }

    /** N. Oler's bound holds for what is found, and is not far off in a large hall. */
    public function testNeverMoreThanTheBound(): void
    {
        $room = Room::of(18.0, 12.0);
        $found = HallPlan::roomFor($room, 1.3, 40);
        self::assertLessThanOrEqual($room->mostCircles(1.3), $found);
        self::assertGreaterThan(0.8 * $room->mostCircles(1.3), $found);
        self::assertSame(0, Room::of(2.0, 12.0)->mostCircles(1.3));
    }

    public function testThirtyPeopleStandInRowsFromTheLeft(): void
    {
        $plan = HallPlan::arranged(Room::of(16.0, 14.0), array_fill(0, 30, ClearCircle::ofRadius(1.3)));
        self::assertSame([], $plan->withoutRoom);
        $x = array_map(static fn (Spot $spot): float => round($spot->x, 2), array_values($plan->spots));
        $sorted = $x;
        sort($sorted);
        self::assertSame($sorted, $x);
    }

    public function testWhoNeedsMostRoomIsLeftOutFirst(): void
    {
        $plan = HallPlan::arranged(Room::of(2.2, 5.0), array_map(ClearCircle::ofRadius(...), [1.05, 1.1, 1.0]));
        self::assertSame([1], $plan->withoutRoom);
    }

    public function testWhoStandsInAnothersCircleIsNamed(): void
    {
        $circles = array_fill(0, 3, ClearCircle::ofRadius(1.0));
        $crowded = HallPlan::crowded(Room::of(10, 4), $circles, [new Spot(2, 2), new Spot(3.5, 2), new Spot(9.5, 2)]);
        self::assertSame([[1], [0], []], array_column($crowded, 'others'));
        self::assertSame([false, false, true], array_column($crowded, 'wall'));
    }

    /** Arc depth of a long rope held close is a little under half its length: by hand. */
    public function testTheCircleIsTheArcAndAMargin(): void
    {
        $circle = ClearCircle::of(Body::ofStature(Length::ofMetres(1.75)), Length::ofMetres(2.6), Length::ofMetres(0.1));
        self::assertGreaterThan(1.0 + ClearCircle::MARGIN_M, $circle->radiusM);
        self::assertLessThan(1.3 + ClearCircle::MARGIN_M, $circle->radiusM);
        $hands = Body::ofStature(Length::ofMetres(1.75))->handHeight()->metres();
        self::assertEqualsWithDelta($hands + $circle->radiusM - ClearCircle::MARGIN_M + 0.1 + 0.1, $circle->ceilingM, 1e-9);
    }

    public function testAHallWithoutWidthIsRefused(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessageMatches('/width.*from 1 to 100 m/');
        Room::of(0.0, 5.0);
    }

    private static function bruteForce(float $width, float $depth, float $radius, int $count, int $from = 0, Spot ...$placed): bool
    {
        if (\count($placed) === $count) {
            return true;
        }
        $columns = (int) floor(($width - 2 * $radius) / 0.1 + 1e-9) + 1;
        $rows = (int) floor(($depth - 2 * $radius) / 0.1 + 1e-9) + 1;
        for ($i = $from; $i < $columns * $rows; ++$i) {
            $spot = new Spot($radius + 0.1 * ($i % $columns), $radius + 0.1 * intdiv($i, $columns));
            $isFree = [] === array_filter($placed, static fn (Spot $other): bool => $spot->distanceTo($other) < 2 * $radius - 1e-9);
            if ($isFree && self::bruteForce($width, $depth, $radius, $count, $i + 1, ...array_values([...$placed, $spot]))) {
                return true;
            }
        }

        return false;
    }
}
