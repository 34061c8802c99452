<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Plan;

use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Calc\Today\TodayFields;
use Zumbo\Core\Method\Dose;
use Zumbo\Core\Plan\Practice\PracticeWish;
use Zumbo\Core\Plan\Practice\SectionTimes;
use Zumbo\Core\Plan\Weeks\PlannedSession;
use Zumbo\Core\Plan\Weeks\PlannedWeek;
use Zumbo\Core\Plan\Weeks\WeeksPlan;
use Zumbo\Core\Plan\Weeks\WeeksWish;
use Zumbo\Core\Stage\Stage;

/**
 * `plan`: the next weeks of one athlete, day by day, within what the load allows.
 */
final class PlanCalculation implements Calculation
{
    public function name(): string
    {
        return 'plan';
    }

    public function summary(): string
    {
        return 'the next weeks: which days, how many contacts at most, and why';
    }

    public function fields(): array
    {
        return [
            BodyFields::stage()->required(),
            Field::numbers('days', 1, 7, 'of class; 1 is Monday, 7 Sunday')->required(),
            Field::numbers('home_days', 1, 7, 'on which they could practise by themselves; left out: all others'),
            Field::whole('weeks', 1, WeeksWish::MOST_WEEKS, 'how many')->default((float) WeeksWish::USUAL_WEEKS),
            Field::numbers('weeks_contacts', 0, 100_000, 'of the weeks before, the oldest first'),
            Field::choice('dose', array_column(Dose::cases(), 'value'), 'practice beside the class')
                ->default(Dose::FiveMinutesDaily->value),
            Field::whole('age', 0, 120, 'age in years; left out: grown up'),
            TodayFields::cautions(),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $health = TodayFields::healthOf($inputs);
        $plan = WeeksPlan::of(WeeksWish::of(
            Stage::from($inputs->text('stage')),
            self::whole($inputs, 'days'),
            $inputs->has('home_days') ? self::whole($inputs, 'home_days') : range(1, 7),
            self::whole($inputs, 'weeks_contacts'),
            Dose::from($inputs->text('dose')),
            $inputs->has('age') ? $inputs->whole('age') : null,
            $inputs->whole('weeks'),
            !$health->noJumping,
            $health->easy,
            $health->returningSinceDays,
            mayWork: !$health->nothing,
        ));

        return ['weeks' => array_map(static fn (PlannedWeek $week): array => [
            'contacts_most' => $week->contactsMost,
            'contacts' => $week->contacts(),
            'easier' => $week->isEasier,
            'why' => VerdictAnswer::of([$week->why])[0]['sentence'],
            'sessions' => array_map(static fn (PlannedSession $one): array => [
                'day' => $one->day,
                'kind' => $one->kind->value,
                'minutes' => $one->minutes,
                'contacts' => $one->contacts,
                'blocks' => self::blocks($one),
            ], $week->sessions),
        ], $plan->weeks)];
    }

    /**
     * @return list<array{what: string, seconds: int}>
     */
    private static function blocks(PlannedSession $one): array
    {
        $blocks = [];
        foreach (SectionTimes::of(PracticeWish::of($one->minutes, $one->kind->isInClass()))->seconds as $slot => $seconds) {
            $blocks[] = ['what' => $slot, 'seconds' => $seconds];
        }

        return $blocks;
    }

    /**
     * @return list<int>
     */
    private static function whole(Inputs $inputs, string $field): array
    {
        return array_map(static fn (float $number): int => (int) round($number), array_values($inputs->numbers($field)));
    }
}
