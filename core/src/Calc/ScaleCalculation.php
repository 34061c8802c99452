<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc;

use Zumbo\Core\Pacing\SetPlan;
use Zumbo\Core\Streak\Hazard;

/**
 * `scale`: ways to scale the doubles of a workout, side by side: time, doubles practised, contacts.
 */
final class ScaleCalculation implements Calculation
{
    private const OPTIONS = ['full', 'first-then-singles', 'fewer', 'singles'];

    public function name(): string
    {
        return 'scale';
    }

    public function summary(): string
    {
        return 'ways to scale the doubles of a workout, side by side';
    }

    public function fields(): array
    {
        return [
            ...PaceFields::all(),
            Field::number('singles_per_s', 0.1, 6, 'singles a second while jumping')->default(2.2),
            HazardFields::hazard('singles_hazard', 'chance of a miss of a single; left out: 0.004'),
            Field::whole('first', 1, 1000, 'doubles before the singles; left out: half'),
            Field::number('ratio', 1, 10, 'singles for one double')->default(2.0),
            Field::number('fraction', 0.05, 1, 'share of the doubles that is kept when they are cut')->default(0.5),
            Field::choice('aim', ['keep-moving', 'practise', 'race'], 'what matters today')->default('keep-moving'),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $reps = $inputs->whole('reps');
        $first = min($reps, $inputs->has('first') ? $inputs->whole('first') : (int) ceil($reps / 2));
        $ratio = $inputs->number('ratio');
        $fewer = max(1, (int) round($reps * $inputs->number('fraction')));
        $counts = ['full' => [$reps, 0], 'first-then-singles' => [$first, (int) round(($reps - $first) * $ratio)], 'fewer' => [$fewer, 0], 'singles' => [0, (int) round($reps * $ratio)]];
        $options = array_map(fn (string $name): array => $this->option($name, $counts[$name][0], $counts[$name][1], $inputs), self::OPTIONS);

        return ['options' => $options, 'recommended' => self::recommend($options, $inputs->text('aim'))];
    }

    /**
     * @return array{name: string, expected_s: float, doubles: int, singles: int, contacts: int}
     */
    private function option(string $name, int $doubles, int $singles, Inputs $inputs): array
    {
        $easy = $inputs->has('singles_hazard') ? HazardFields::of($inputs, 'singles_hazard') : Hazard::constant(0.004);
        $time = $this->time($doubles, $inputs->number('reps_per_s'), HazardFields::of($inputs, 'hazard'), $inputs)
            + $this->time($singles, $inputs->number('singles_per_s'), $easy, $inputs);

        return ['name' => $name, 'expected_s' => $time, 'doubles' => $doubles, 'singles' => $singles, 'contacts' => $doubles + $singles];
    }

    private function time(int $reps, float $perS, Hazard $hazard, Inputs $inputs): float
    {
        return 0 === $reps ? 0.0 : $reps / $perS + SetPlan::best($reps, $hazard->first($reps), $inputs->number('miss_cost_s'), $inputs->number('break_cost_s'))->expectedLossS();
    }

    /**
     * Racing does all of it. Keeping moving takes the quickest way that leaves some doubles, so that the skill is not
     * scaled out; practising takes the most doubles among the ways that cost at most a quarter more than the quickest
     * of those (our assumption).
     *
     * @param list<array{name: string, expected_s: float, doubles: int, singles: int, contacts: int}> $options
     */
    private static function recommend(array $options, string $aim): string
    {
        if ('race' === $aim) {
            return 'full';
        }
        $practising = array_values(array_filter($options, static fn (array $option): bool => $option['doubles'] > 0));
        $quickest = [] === $practising ? 0.0 : min(array_column($practising, 'expected_s'));
        $most = 'practise' === $aim ? 1.25 * $quickest : $quickest;
        $near = array_values(array_filter($practising, static fn (array $option): bool => $option['expected_s'] <= $most));
        usort($near, static fn (array $a, array $b): int => $b['doubles'] <=> $a['doubles']);

        return $near[0]['name'] ?? 'full';
    }
}
