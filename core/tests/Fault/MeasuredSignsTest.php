<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Fault;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Calc\Registry;
use Zumbo\Core\Fault\MeasuredSigns;
use Zumbo\Core\Fault\Observed;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Rhythm\RhythmReport;
use Zumbo\Core\Rhythm\Take;

final class MeasuredSignsTest extends TestCase
{
    public function testNumbersAreSignsOrTheirAbsence(): void
    {
        $of = static fn (string $name, float $number): array => [
            MeasuredSigns::of([$name => $number])->seen,
            MeasuredSigns::of([$name => $number])->fine,
        ];
        self::assertSame([[Sign::LongContact], []], $of('contact_s', 0.27));
        self::assertSame([[], [Sign::LongContact]], $of('contact_s', 0.18));
        self::assertSame([[], []], $of('contact_s', 0.22), 'neither');
        self::assertSame([[Sign::UnevenBeat], []], $of('interval_cv', 0.21));
        self::assertSame([[], [Sign::UnevenBeat]], $of('interval_cv', 0.02));
        self::assertSame([[Sign::TwoLandings], []], $of('landings_per_turn', 2.0));
        self::assertSame([[Sign::LateHands], []], $of('late_s', 0.056));
        self::assertSame([[Sign::BeatSpeedsUp], []], $of('drift', 57.0), 'jumps a minute, more each minute');
        self::assertSame([[], [Sign::BeatSpeedsUp]], $of('drift', -3.0));
        self::assertSame([[Sign::HeadBobs], []], $of('jump_m', 0.31));
        self::assertSame([Sign::TwoLandings], MeasuredSigns::of(['double_bounces' => 8.0, 'turns' => 8.0])->seen);
        self::assertSame([[Sign::SlowBeat], []], $of('cadence_per_min', 70));
        self::assertSame([], MeasuredSigns::of([])->seen);
        $said = Observed::of([Sign::UnevenBeat])->with(MeasuredSigns::of(['interval_cv' => 0.02]));
        self::assertSame([[Sign::UnevenBeat], []], [$said->seen, $said->fine], 'what was seen stands');
    }

    /** Two landings on each turn; a beat that goes from 100 to 120 a minute; an even one. */
    public function testATakeSaysWhatItShows(): void
    {
        $turns = range(0.3, 6.3, 0.6);
        $landings = array_merge(...array_map(static fn (float $turn): array => [$turn + 0.1, $turn + 0.4], $turns));
        self::assertContains(Sign::TwoLandings, self::take($turns, $landings)->seen);
        $landings = [0.0];
        for ($i = 0; $i < 21; ++$i) {
            $landings[] = end($landings) + 0.6 - 0.005 * $i;
        }
        $faster = self::take(array_map(static fn (float $at): float => $at - 0.1, \array_slice($landings, 1)), $landings);
        self::assertContains(Sign::BeatSpeedsUp, $faster->seen);
        self::assertContains(Sign::TwoLandings, $faster->fine);
        $even = range(0.0, 6.0, 0.6);
        $calm = self::take(array_map(static fn (float $at): float => $at - 0.1, \array_slice($even, 1)), $even);
        self::assertSame([], $calm->seen);
        self::assertContains(Sign::UnevenBeat, $calm->fine);
    }

    /** A first pass 158 ms after take-off is too late, one of 38 ms is not (as in `frames`). */
    public function testNumbersOfFramesAreSigns(): void
    {
        $late = Registry::run('fault', ['signs' => ['trips-on-second-pass'], 'stage' => 'snap', 'measured' => ['late_s' => 0.056]]);
        self::assertSame(['late-spin', false], [$late['causes'][0]['fault'], $late['unsure']]);
        $right = Registry::run('fault', ['signs' => ['trips-on-second-pass'], 'stage' => 'snap', 'measured' => ['late_s' => -0.06]]);
        self::assertSame('slow-spin', $right['causes'][0]['fault']);
    }

    /**
     * @param list<float> $turns
     * @param list<float> $landings
     */
    private static function take(array $turns, array $landings): Observed
    {
        return MeasuredSigns::ofTake(RhythmReport::of(Take::of($turns, $landings)));
    }
}
