<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Path;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\GateLog;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\GatesInForce;
use Zumbo\Core\Path\Unaware;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

/**
 * What the outlook promises, on invented athletes whose truth is known.
 */
final class OutlookBandsTest extends TestCase
{
    /** A usual run of each stage, as a coach would guess it; each athlete is somewhere around it. */
    private const RUNS = ['singles' => 30, 'range' => 20, 'link' => 5, 'hold' => 20];

    public function testTheBandsHoldTheTruthEightTimesInTen(): void
    {
        $invented = new InventedEvenings(41);
        $gates = GatesInForce::usual(Ways::usual());
        $held = $width = $athletes = 0;
        foreach (self::RUNS as $stage => $run) {
            for ($i = 0; $i < 500; ++$i) {
                // Half as many misses to twice as many, and four to twelve practices.
                $rate = 2 ** (2 * $invented->draw() - 1) / ($run + 1);
                $evenings = $invented->evenings($rate, $rate, 60, 4 + (int) (9 * $invented->draw()));
                $outlook = GateOutlook::ofLog(Stage::from($stage), $gates, new GateLog($evenings, [true, true, true], [], null));
                [$low, $high] = $outlook->advice()->interval;
                $truth = (1 - $rate) ** $outlook->gate->count;
                $held += (int) ($truth >= $low && $truth <= $high);
                $width += $high - $low;
                ++$athletes;
            }
        }
        $said = \sprintf('held %.3f, wide %.3f on average', $held / $athletes, $width / $athletes);
        fwrite(\STDERR, "Bands of eighty: $said\n");
        self::assertGreaterThanOrEqual(0.75, $held / $athletes, $said);
        self::assertLessThanOrEqual(0.85, $held / $athletes, $said);
        self::assertLessThanOrEqual(0.25, $width / $athletes, $said);
    }

    /** Who stops at twenty and would hold it: told within twelve goes; who falls before it, hardly ever. */
    public function testReadyIsToldWithinTwelveGoes(): void
    {
        $invented = new InventedEvenings(43);
        $ready = $able = 0;
        for ($i = 0; $i < 250; ++$i) {
            $ready += (int) self::isTold($invented, 0.005);
            $able += (int) self::isTold($invented, 0.12);
        }
        self::assertGreaterThanOrEqual(0.8, $ready / 250);
        self::assertLessThanOrEqual(0.05, $able / 250);
    }

    private static function isTold(InventedEvenings $invented, float $missesPerRep): bool
    {
        $goes = [];
        for ($go = 0; $go < 12; ++$go) {
            $reps = 0;
            while ($reps < 20 && $invented->draw() >= $missesPerRep) {
                ++$reps;
            }
            $goes[] = CountedReps::attempt($reps, 20 === $reps ? AttemptEnd::Stopped : AttemptEnd::Miss);
        }
        $log = new GateLog([], array_fill(0, 5, true), $goes, 20);
        $gates = GatesInForce::usual(Ways::usual());
        $outlook = GateOutlook::ofLog(Stage::Link, $gates, $log);

        return null !== Unaware::of($log, null, $outlook->recent);
    }
}
