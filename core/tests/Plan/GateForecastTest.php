<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Path\Gate;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Path\SessionSum;
use Zumbo\Core\Plan\Weeks\GateForecast;
use Zumbo\Core\Stage\Stage;

final class GateForecastTest extends TestCase
{
    private const ATHLETES = 150;

    public function testWhoCameTwiceAndComesOnceWaitsTwiceAsLong(): void
    {
        $sessions = self::rising(12, 1.6, 0.12);
        $twice = GateForecast::of(self::gate(Stage::Link), $sessions, 2.0);
        $once = GateForecast::of(self::gate(Stage::Link), $sessions, 1.0);
        self::assertNotNull($twice->middleWeeks);
        self::assertEqualsWithDelta(2.0, (float) $once->middleWeeks / $twice->middleWeeks, 1e-9);
    }

    public function testItIsHonestAboutHowLittleIsKnown(): void
    {
        $gate = self::gate(Stage::Link);
        self::assertSame('plan.gate_too_few', GateForecast::of($gate, self::rising(2, 1.6, 0.1), 2.0)->verdict()->code);
        self::assertFalse(GateForecast::of($gate, self::rising(4, 1.0, 0.03), 1.0)->isKnown(), 'a wide range says nothing');
        // Twenty practices that got worse: more of the same leads nowhere.
        $worse = GateForecast::of($gate, self::rising(20, 1.5, -0.15), 2.0);
        self::assertSame('plan.gate_not_in_sight', $worse->verdict()->code);
    }

    public function testWhoIsThereAlreadyNeedsOnePractice(): void
    {
        $forecast = GateForecast::of(self::gate(Stage::Link), array_fill(0, 8, new SessionSum(300, 0, 5, false)), 2.0);
        self::assertSame(0.5, $forecast->middleWeeks);
        self::assertTrue($forecast->isKnown());
    }

    /**
     * Athletes of another kind than the model's: evenings vary, and progress slows down. Eight of ten ranges ought to hold the practice
     * at which the gate opens; between 65 and 95 of a hundred is what so many athletes can show.
     */
    public function testEightOfTenRangesHold(): void
    {
        $draws = new Draws(41);
        $gate = self::gate(Stage::Link);
        $held = 0;
        for ($athlete = 0; $athlete < self::ATHLETES; ++$athlete) {
            $slope = max(0.01, 0.05 + 0.04 * $draws->normal());
            $start = 2.2 + 0.5 * $draws->normal();
            $truth = static fn (int $practice): float => $start + $slope * $practice ** 0.97;
            $sessions = [];
            for ($practice = -11; $practice <= 0; ++$practice) {
                $p = 1 / (1 + exp(-$truth($practice + 11) - 0.45 * $draws->normal()));
                $made = 0;
                for ($try = 0; $try < 60; ++$try) {
                    $made += (int) ($draws->between(0, 1) < $p);
                }
                $sessions[] = new SessionSum($made, 60 - $made, 6, false);
            }
            $open = 1;
            while ((1 / (1 + exp(-$truth(11 + $open)))) ** $gate->count < 0.8 && $open < 104) {
                ++$open;
            }
            $forecast = GateForecast::of($gate, $sessions, 1.0, $athlete);
            $held += (int) ($open >= ($forecast->earliestWeeks ?? 53) && $open <= ($forecast->latestWeeks ?? \INF));
            $held += (int) (null === $forecast->earliestWeeks && $open > 52);
        }
        self::assertGreaterThanOrEqual(0.65, $held / self::ATHLETES);
        self::assertLessThanOrEqual(0.95, $held / self::ATHLETES);
    }

    public function testNeverOrAllDayIsNoAnswer(): void
    {
        $this->expectException(OutOfRange::class);
        GateForecast::of(self::gate(Stage::Link), [], 0.0);
    }

    private static function gate(Stage $stage): Gate
    {
        return GateTable::of($stage, Ways::usual()) ?? throw new \LogicException('it has a gate');
    }

    /**
     * @return list<SessionSum>
     */
    private static function rising(int $practices, float $from, float $slope): array
    {
        return array_map(static function (int $i) use ($from, $slope): SessionSum {
            $made = (int) round(60 / (1 + exp(-$from - $slope * $i)));

            return new SessionSum($made, 60 - $made, 6, false);
        }, range(0, $practices - 1));
    }
}
