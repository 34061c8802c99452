<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Calc\CommandLine;

/**
 * `rhythm`, `jump` and `frames` on the command line: what is null says why, and what can't be read is named.
 */
final class BeatCalculationsTest extends TestCase
{
    public function testARhythmSaysCountsBeatAndWhereThePatternBroke(): void
    {
        $take = self::json([
            'rhythm',
            'landings_s=0,0.5,1,1.5,2,2.5,3,3.5,4',
            'turns_s=0.3,0.8,1.3,1.8,2.3,2.8,3.3,3.8',
            'target=3s d',
            '--json',
        ]);
        self::assertSame(
            [8, 8, 4, 'even', 'rhythm.broken_round'],
            [$take['jumps'], $take['turns'], $take['first_broken'], $take['evenness'], $take['verdict']],
        );
        self::assertEqualsWithDelta(120, $take['cadence_per_min'], 1e-9);
        self::assertSame([['reps' => 8, 'ended' => 'stopped']], $take['streaks']);
        self::assertSame('Round 1, the double: it is not the one of the pattern. Begin again from there, slower.', $take['says']);
    }

    public function testAPauseIsToldByItsTimeAndATripByIts(): void
    {
        $take = self::json([
            'rhythm',
            'landings_s=0,0.5,1,1.5,2,3.5,4,4.5',
            'turns_s=0.3,0.8,1.3,1.8,3.8,4.3',
            '--json',
        ]);
        self::assertEqualsWithDelta([2.0], $take['pauses'], 1e-12);
        self::assertEqualsWithDelta([2.0], $take['misses'], 1e-12);
        self::assertSame(0, $take['double_bounces']);
        self::assertSame([['reps' => 4, 'ended' => 'miss'], ['reps' => 2, 'ended' => 'stopped']], $take['streaks']);
    }

    public function testWhatIsUnknownSaysWhy(): void
    {
        $take = self::json(['rhythm', 'landings_s=1', '--json']);
        self::assertSame(
            [null, 'needs two landings', null, 'needs target'],
            [$take['cadence_per_min'], $take['cadence_reason'], $take['first_broken'], $take['first_broken_reason']],
        );
        $geometry = ['foot_length=26.6cm', 'arc_depth_m=0.9625', 'cable_diameter=2.5mm'];
        $jump = self::json(['jump', 'passes=2', 'turns_per_min=210', ...$geometry, '--json']);
        self::assertSame(
            [null, 'needs jump_m', null, 'needs jump_m'],
            [$jump['flight_s'], $jump['flight_reason'], $jump['late_budget_s'], $jump['late_budget_reason']],
        );
        self::assertGreaterThan(0.1, $jump['least_jump_m']);
        $low = self::json(['jump', 'passes=1', 'jump=1cm', ...$geometry, '--json']);
        self::assertSame(
            [null, 'the feet are never high enough for the rope'],
            [$low['least_turns_per_min'], $low['least_turns_reason']],
        );
        self::assertSame('needs jump_m and mass_kg', $low['jump_power_reason']);
    }

    public function testJumpGivesPowerAndDragWhenBodyAndRopeAreKnown(): void
    {
        // reference case C22: 75 kg, 12 cm, 0.18 s, doubles, 2.5 mm, 2.364 m, 0.9 m
        $jump = self::json([
            'jump',
            'passes=2',
            'jump=12cm',
            'turns_per_min=210',
            'foot_length=26.6cm',
            'arc_depth_m=0.9625',
            'cable_diameter=2.5mm',
            'mass_kg=75',
            'cable_length=236.4cm',
            'hand_span=90cm',
            '--json',
        ]);
        self::assertEqualsWithDelta(
            [121.734, 179.07, 22.4028],
            [$jump['cadence_per_min'], $jump['jump_power_w'], $jump['drag_power_w']],
            2e-3,
        );
        self::assertEqualsWithDelta($jump['latest_pass_s'] - $jump['earliest_pass_s'], $jump['late_budget_s'], 1e-12);
    }

    public function testHandsThatRiseWithTheBodyAskForAHigherJump(): void
    {
        $words = [
            'jump',
            'passes=2',
            'jump=15cm',
            'foot_length=26cm',
            'arc_depth=96cm',
            'cable_diameter=2.5mm',
            '--json',
        ];
        $still = self::json($words);
        $rising = self::json([...$words, 'hands_rise=0.5']);
        self::assertEqualsWithDelta(2 * $still['clearance_m'], $rising['clearance_m'], 1e-12);
        self::assertGreaterThan($still['least_even_jump_m'], $rising['least_even_jump_m']);
    }

    public function testFramesGiveEachNumberWithItsErrorAndItsWorst(): void
    {
        $count = self::json([
            'frames',
            'frames_per_s=60',
            'takeoff=100',
            'pass_1=107',
            'pass_2=124',
            'landing=132',
            '--json',
        ]);
        self::assertEqualsWithDelta([0.348681, 0.0177935], [$count['jump_m'], $count['jump_m_error']], 1e-6);
        self::assertEqualsWithDelta([189.474, 240.0], $count['turns_per_min_worst'], 1e-3);
        self::assertSame('frames.high', $count['verdict']);
    }

    /**
     * @param list<string> $words
     */
    #[DataProvider('badInput')]
    public function testBadInputIsNamed(array $words, string $says): void
    {
        $answer = CommandLine::answer($words, null);
        self::assertSame(CommandLine::BAD_INPUT, $answer->exit, $answer->out);
        self::assertStringContainsString($says, $answer->error);
    }

    /**
     * @return iterable<string, array{list<string>, string}>
     */
    public static function badInput(): iterable
    {
        yield 'times that go back' => [['rhythm', 'landings_s=1,0.5'], 'landings[1] 0.5 s'];
        yield 'a time before the start' => [['rhythm', 'turns_s=-1,2'], 'turns_s[0]'];
        yield 'a pattern that is none' => [['rhythm', 'landings_s=0,1', 'target=3k'], 'at 2: "k"'];
        yield 'neither height nor rate' => [
            ['jump', 'passes=2', 'foot_length=26cm', 'arc_depth=96cm', 'cable_diameter=2.5mm'],
            'jump_m is missing',
        ];
        yield 'no passes' => [
            ['jump', 'passes=0', 'jump=9cm', 'foot_length=26cm', 'arc_depth=96cm', 'cable_diameter=2.5mm'],
            'passes',
        ];
        yield 'passes a frame apart' => [
            ['frames', 'frames_per_s=240', 'takeoff=1', 'pass_1=20', 'pass_2=21', 'landing=90'],
            'more than 2 frames after pass 1',
        ];
        yield 'a landing before the take-off' => [
            ['frames', 'frames_per_s=240', 'takeoff=90', 'pass_1=20', 'pass_2=40', 'landing=1'],
            'take-off, frame 90, or later',
        ];
    }

    /**
     * @param list<string> $words
     *
     * @return array<mixed>
     */
    private static function json(array $words): array
    {
        $answer = CommandLine::answer($words, null);
        self::assertSame(0, $answer->exit, $answer->error);
        $decoded = json_decode($answer->out, true, 16, \JSON_THROW_ON_ERROR);
        self::assertIsArray($decoded);

        return $decoded;
    }
}
