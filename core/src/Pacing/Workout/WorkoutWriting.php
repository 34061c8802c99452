<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Workout;

/**
 * A workout as text in its one canonical form: read again, it is the same workout.
 */
final class WorkoutWriting
{
    public static function of(Workout $workout): string
    {
        $blocks = array_map(
            static fn (WorkoutBlock $block): string => self::head($workout, $block).': '
                .implode(', ', array_map(
                    self::station(...),
                    $block->stations,
                    array_pad($block->each, \count($block->stations), null),
                )),
            $workout->blocks,
        );

        return implode('; then ', $blocks).(null === $workout->capS ? '' : '; cap '.self::time($workout->capS));
    }

    /** 45 s, 1:30. */
    public static function time(float $seconds): string
    {
        $whole = abs($seconds - round($seconds)) < 1e-6;

        return $whole && $seconds >= 60
            ? \sprintf('%d:%02d', intdiv((int) round($seconds), 60), (int) round($seconds) % 60)
            : rtrim(rtrim(\sprintf('%.2f', $seconds), '0'), '.').' s';
    }

    private static function head(Workout $workout, WorkoutBlock $block): string
    {
        $window = self::time($workout->windowS);

        return match ($workout->form) {
            WorkoutForm::ManyRounds => "as many rounds as fit in $window",
            WorkoutForm::EveryMinutes => \sprintf('every %s, %d times', $window, $block->times),
            WorkoutForm::Intervals => \sprintf('%d times %s on, %s off', $block->times, $window, self::time($workout->betweenS)),
            WorkoutForm::ForTime => match (true) {
                null !== $block->ladder => implode('-', $block->ladder),
                1 === $block->times => 'once',
                default => $block->times.' rounds',
            },
        };
    }

    private static function station(Station $one, ?float $each): string
    {
        $count = $one->reps > 0 ? $one->reps.' ' : '';
        if (StationKind::Work !== $one->kind) {
            return match ($one->kind) {
                StationKind::Rest => 'rest '.self::time($one->seconds),
                StationKind::Tries => 'tries '.self::time($one->seconds),
                default => $count.$one->name,
            };
        }
        $mark = $one->tires === Station::soundsTiring($one->name) ? '' : ($one->tires ? ' tiring' : ' easy');

        return $count.$one->name.' '.(null === $each ? self::time($one->seconds) : self::time($each).' each').$mark;
    }
}
