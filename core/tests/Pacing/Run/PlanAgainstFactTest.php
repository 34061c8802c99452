<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Pacing\Run\DoneLeg;
use Zumbo\Core\Pacing\Run\PlanAgainstFact;
use Zumbo\Core\Pacing\Run\RunLeg;
use Zumbo\Core\Pacing\Workout\StationKind;

/**
 * @phpstan-import-type Leg from RunCases
 */
final class PlanAgainstFactTest extends TestCase
{
    /**
     * @param array{float, float} $band
     * @param list<Leg>           $legs
     */
    #[DataProvider('cases')]
    public function testItNamesTheOneThingThatACoachWouldChange(array $band, array $legs, bool $stopped, string $thing): void
    {
        $fact = PlanAgainstFact::of(self::done($legs), $band[0], $band[1], !$stopped);
        self::assertSame('fact.'.$thing, $fact->thing->value);
    }

    /**
     * @return array<string, array{band: array{float, float}, legs: list<Leg>, stopped: bool, thing: string}>
     */
    public static function cases(): array
    {
        return RunCases::all();
    }

    /**
     * @param list<Leg> $legs
     *
     * @return list<DoneLeg>
     */
    private static function done(array $legs): array
    {
        $done = [];
        $at = $clock = 0.0;
        $round = 1;
        $names = [];
        foreach ($legs as [$name, $planned, $taken, $expected, $misses, $pause]) {
            $rope = str_starts_with($name, 'doubles');
            // A round begins where the rope comes again after something else.
            if ($rope && [] !== $names && !str_starts_with((string) end($names), 'doubles')) {
                ++$round;
            }
            $names[] = $name;
            $start = $at + $pause;
            $at = $start + $planned;
            $leg = new RunLeg(
                $round,
                $rope ? StationKind::Doubles : StationKind::Work,
                $rope ? 'doubles' : $name,
                $rope ? (int) substr($name, 8) : 0,
                $rope ? $planned - 5 * $expected : $planned,
                $start,
                $at,
                (float) $pause,
                (float) $expected,
            );
            $clock += $taken ?? 0.0;
            $done[] = new DoneLeg($leg, null === $taken ? null : $clock, $misses);
        }

        return $done;
    }
}
