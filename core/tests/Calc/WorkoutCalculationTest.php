<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Calc;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Calc\CommandLine;

/**
 * `workout`, `pace` and `scale` asked as a coach asks: two with the same five rounds of fifty, a weak and a strong one (common practice,
 * no published source).
 */
final class WorkoutCalculationTest extends TestCase
{
    private const ODRAN = ['hazard' => ['kind' => 'constant', 'q' => [0.02]], 'reps_per_s' => 1.8, 'miss_cost_s' => 8, 'break_cost_s' => 4];
    private const SIBBA = [
        'hazard' => ['kind' => 'weibull', 'scale' => 30, 'shape' => 2],
        'reps_per_s' => 1.8,
        'miss_cost_s' => 10,
        'break_cost_s' => 3,
        'fatigue_per_round' => 0.1,
    ];

    public function testFiveRoundsOfFifty(): void
    {
        $out = self::ask('workout', [
            'text' => '5 rounds for time: 50 double unders; cap 4:00',
            'athletes' => [['name' => 'Odran', ...self::ODRAN], ['name' => 'Sibba', ...self::SIBBA]],
            'within_s' => 20,
        ]);
        self::assertSame('5 rounds: 50 doubles; cap 4:00', $out['canonical']);
        [$odran, $sibba] = $out['athletes'];
        self::assertEqualsWithDelta(180, $odran['expected_s'], 1);
        self::assertEqualsWithDelta(35.9, $odran['rounds'][0]['expected_s'], 0.05);
        self::assertSame([50], $odran['rounds'][0]['sets'][0], 'breaking does not help who does not tire');
        self::assertEqualsWithDelta(215, $sibba['expected_s'], 1);
        self::assertGreaterThan(1, \count($sibba['rounds'][4]['sets'][0]));
        self::assertGreaterThan($sibba['chance_cap'], $odran['chance_cap']);
        self::assertSame(0, (int) $odran['fixed_s']);
        self::assertLessThanOrEqual(20.0, $out['spread_s']);
        self::assertSame([250, 50], [$out['level'][0]['doubles'], $out['level'][0]['each_station']], 'nobody gets more than the workout');
        self::assertLessThan(250, $out['level'][1]['doubles']);
    }

    public function testTheRangeOfFirstSetsIsThatOfTheTrade(): void
    {
        $out = self::ask('pace', ['reps' => 50, 'rounds' => 5, ...self::SIBBA]);
        self::assertSame(['from' => 12, 'to' => 31], $out['rounds'][0]['good_sets']);
        self::assertSame(['from' => 10, 'to' => 25], $out['rounds'][4]['good_sets']);
        self::assertEqualsWithDelta(226, $out['totals']['unbroken_s'], 1);
        self::assertEqualsWithDelta(34, $out['rounds'][0]['quantiles_s']['p10'], 0.5);
        self::assertEqualsWithDelta(51, $out['rounds'][0]['quantiles_s']['p90'], 0.6);
    }

    public function testTheSameFiftyForTheWeakAndTheStrong(): void
    {
        $weak = self::ask('scale', [
            'reps' => 50, 'reps_per_s' => 1.6, 'hazard' => ['kind' => 'constant', 'q' => [0.2]], 'miss_cost_s' => 6, 'break_cost_s' => 4,
            'singles_per_s' => 2, 'singles_hazard' => ['kind' => 'constant', 'q' => [0]], 'first' => 15, 'fraction' => 0.4,
        ]);
        $by = array_column($weak['options'], 'expected_s', 'name');
        self::assertEqualsWithDelta(106, $by['full'], 0.5);
        self::assertEqualsWithDelta(67, $by['first-then-singles'], 0.5);
        self::assertEqualsWithDelta(42.5, $by['fewer'], 0.5);
        self::assertEqualsWithDelta(50, $by['singles'], 0.01);
        self::assertSame('first-then-singles', $weak['recommended']);
    }

    public function testABadTextIsNamedWithItsPlace(): void
    {
        $answer = CommandLine::answer(['workout', 'text=5 rounds: 50 doubles, run'], null);
        self::assertSame(CommandLine::BAD_INPUT, $answer->exit);
        self::assertStringContainsString('run (character 23)', $answer->error);
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    private static function ask(string $name, array $fields): array
    {
        $answer = CommandLine::answer([$name, '--json'], json_encode($fields, \JSON_THROW_ON_ERROR));
        self::assertSame(CommandLine::DONE, $answer->exit, $answer->error);
        $out = json_decode($answer->out, true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($out);

        return $out;
    }
}
