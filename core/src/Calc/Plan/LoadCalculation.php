<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Plan;

use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Load\Energy;
use Zumbo\Core\Load\SessionLoad;
use Zumbo\Core\Load\SessionRating;
use Zumbo\Core\Load\WeekBase;
use Zumbo\Core\Stage\Stage;

/**
 * `load`: how the weeks rose, what the next one may hold, the load of sessions by effort and minutes, and their energy.
 */
final class LoadCalculation implements Calculation
{
    public function name(): string
    {
        return 'load';
    }

    public function summary(): string
    {
        return 'how much the weeks rose, what the next may hold, and the load of sessions';
    }

    public function fields(): array
    {
        return [
            Field::numbers('weeks_contacts', 0, 100_000, 'contacts of the weeks, the oldest first')->required(),
            Field::rows('sessions', [
                Field::number('effort', 0, SessionRating::HARDEST, 'how hard it felt')->required(),
                Field::number('minutes', 0, 600, 'how long it took')->required(),
            ], 'sessions of a week'),
            Field::number('mass_kg', 20, 250, 'of the athlete'),
            Field::number('met', 1, 20, 'of what was done; left out: moderate rope skipping'),
            Field::choice('stage', array_column(Stage::cases(), 'value'), 'for the cap; left out: none'),
            Field::whole('age', 0, 120, 'for the cap; left out: grown up'),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $weeks = array_map(static fn (float $number): int => (int) round($number), array_values($inputs->numbers('weeks_contacts')));
        $cap = $inputs->has('stage')
            ? SessionLoad::weekCap(Stage::from($inputs->text('stage')), $inputs->has('age') ? $inputs->whole('age') : null)
            : null;
        $base = WeekBase::of($weeks, null, false, $cap ?? \PHP_INT_MAX);
        $ratings = array_map(
            static fn (Inputs $row): SessionRating => SessionRating::of($row->number('effort'), $row->number('minutes')),
            $inputs->rows('sessions'),
        );
        $minutes = array_sum(array_map(static fn (SessionRating $one): float => $one->minutes, $ratings));
        $most = null === $base->most ? $cap : min($base->most, $cap ?? $base->most);

        return [
            'rise' => self::rises($weeks),
            'most_next' => $most,
            ...null === $most ? ['most_next_reason' => 'no week with contacts yet: give a stage for its cap'] : [],
            'reasons' => null === $base->reason ? [] : VerdictAnswer::of([$base->reason]),
            'load' => array_sum(array_map(static fn (SessionRating $one): float => $one->load(), $ratings)),
            'minutes' => $minutes,
            ...self::energy($inputs, $minutes),
        ];
    }

    /**
     * @return array<string, float|string|null>
     */
    private static function energy(Inputs $inputs, float $minutes): array
    {
        if (!$inputs->has('mass_kg') || $minutes <= 0.0) {
            return ['energy_kcal' => null, 'energy_kcal_reason' => 'needs mass_kg and sessions'];
        }
        $met = $inputs->has('met') ? $inputs->number('met') : Energy::MODERATE;

        return ['energy_kcal' => Energy::kilocalories($met, $inputs->number('mass_kg'), $minutes)];
    }

    /**
     * @param list<int> $weeks
     *
     * @return list<array<string, float|string|null>>
     */
    private static function rises(array $weeks): array
    {
        $rises = [];
        foreach (\array_slice($weeks, 1) as $i => $contacts) {
            $before = $weeks[$i];
            $rises[] = 0 === $before
                ? ['share' => null, 'share_reason' => 'the week before was empty']
                : ['share' => ($contacts - $before) / $before];
        }

        return $rises;
    }
}
