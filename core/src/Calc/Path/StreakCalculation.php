<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Path;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\AttemptFields;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Posterior;
use Zumbo\Core\Streak\Prior;

/**
 * `streak`: what the log says about the chance of a rep, and how often a streak is reached.
 */
final class StreakCalculation implements Calculation
{
    public function name(): string
    {
        return 'streak';
    }

    public function summary(): string
    {
        return 'the chance of a rep from logged goes, and of reaching a streak';
    }

    public function fields(): array
    {
        return [
            AttemptFields::attempts(),
            AttemptFields::sets(),
            Field::record(
                'prior',
                [
                    Field::number('alpha', 1e-6, 1e6, 'successes believed in beforehand')->required(),
                    Field::number('beta', 1e-6, 1e6, 'misses believed in beforehand')->required(),
                ],
                'what is believed beforehand; left out: what is usual at the stage',
            ),
            BodyFields::stage(),
            Field::numbers('targets', 1, 10_000, 'streaks asked about'),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $given = $inputs->record('prior');
        $prior =
            null === $given
                ? Prior::forStage(Stage::from($inputs->text('stage')))
                : Prior::of($given->number('alpha'), $given->number('beta'));
        $posterior = Posterior::of($prior, AttemptFields::counted($inputs));

        return [
            'alpha' => $posterior->chance->alpha,
            'beta' => $posterior->chance->beta,
            'mean' => $posterior->chance->mean(),
            'interval_95' => $posterior->interval(),
            'entries' => $posterior->entries,
            'targets' => array_map(
                static fn (float $reps): array => self::target($posterior, (int) $reps),
                array_values($inputs->numbers('targets')),
            ),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function target(Posterior $posterior, int $reps): array
    {
        [$low, $high] = $posterior->interval();
        $reason = 'infinite on average: so long a streak is hardly supported by what is logged';

        return [
            'reps' => $reps,
            'chance' => $posterior->chanceOf($reps),
            'chance_interval_95' => [$low ** $reps, $high ** $reps],
            ...self::finite('expected_reps', $posterior->expectedReps($reps), $reason),
            ...self::finite('expected_tries', $posterior->expectedTries($reps), $reason),
            ...self::finite(
                'median_reps',
                Posterior::repsToStreak($posterior->chance->quantile(0.5), $reps),
                'more reps than a number can hold',
            ),
        ];
    }

    /**
     * @return array<string, float|string|null>
     */
    private static function finite(string $name, ?float $value, string $reason): array
    {
        return null !== $value && is_finite($value) ? [$name => $value] : [$name => null, $name.'_reason' => $reason];
    }
}
