<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Together;

use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Numeric\TooMuchWork;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\Scale\ScaledWay;
use Zumbo\Core\Pacing\Scale\ScaleWish;
use Zumbo\Core\Pacing\Scale\Scaling;
use Zumbo\Core\Pacing\Together\LevelOption;
use Zumbo\Core\Pacing\Together\LevelOptions;
use Zumbo\Core\Pacing\Workout\Workout;
use Zumbo\Core\Stage\Stage;

/**
 * One of the class with the ways they may do a workout.
 */
final readonly class PacedPerson
{
    /**
     * @param non-empty-list<ScaledWay> $ways
     */
    private function __construct(public Judged $judged, public Jumper $jumper, public array $ways)
    {
    }

    /** @throws TooMuchWork when the effort does not suffice */
    public static function of(Judged $judged, Workout $workout, Jumper $jumper, Effort $effort): self
    {
        return new self($judged, $jumper, ScaledWay::all(
            $workout,
            (new ScaleWish())->fitting($workout, $jumper, $judged->today->allowance->contactsLeftToday),
            $jumper,
            $effort,
        ));
    }

    /** Null: nothing fits. */
    public function way(?Scaling $scaling): ?ScaledWay
    {
        foreach ($this->ways as $way) {
            if ($way->scaling === $scaling) {
                return $way;
            }
        }

        return null;
    }

    /**
     * Who is below Link does tries, the others a number of doubles; none of it more than the contacts of today allow.
     *
     * @return non-empty-list<LevelOption>
     */
    public function options(Workout $workout): array
    {
        $all = $this->judged->athlete->stage()->isBefore(Stage::Link)
            ? LevelOptions::ofTries($workout, $this->jumper, ScaleWish::TRIES_S)
            : LevelOptions::ofDoubles($workout, $this->jumper);
        $left = $this->judged->today->allowance->contactsLeftToday;
        $may = array_values(array_filter($all, static fn (LevelOption $one): bool => $one->contacts <= $left));

        return [] === $may ? [$all[0]] : $may;
    }

    public function timed(Workout $workout): TimedWorkout
    {
        return TimedWorkout::of($workout, $this->jumper);
    }

    public function doing(LevelOption $option): TimedWorkout
    {
        $workout = $this->ways[0]->timed->workout;
        $scaled = $option->tries
            ? (new ScaleWish(triesS: (float) $option->number))->scaled($workout, Scaling::Tries) ?? $workout
            : $workout->cutTo($option->number);

        return TimedWorkout::of($scaled, $this->jumper);
    }
}
