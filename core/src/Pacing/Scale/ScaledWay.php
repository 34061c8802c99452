<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Scale;

use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\Workout\Workout;

/**
 * A workout scaled in one way, as it goes for one athlete.
 */
final readonly class ScaledWay
{
    private function __construct(public Scaling $scaling, public TimedWorkout $timed)
    {
    }

    /**
     * @return non-empty-list<self> in the order of the doubles they leave; ways that can't be are left out
     */
    public static function all(Workout $workout, ScaleWish $wish, Jumper $jumper, Effort $effort = new Effort()): array
    {
        $ways = [self::of(Scaling::Full, $workout, $jumper, $effort)];
        foreach (Scaling::cases() as $scaling) {
            $scaled = Scaling::Full === $scaling ? null : $wish->scaled($workout, $scaling);
            if (null !== $scaled) {
                $ways[] = self::of($scaling, $scaled, $jumper, $effort);
            }
        }

        return $ways;
    }

    public static function of(Scaling $scaling, Workout $scaled, Jumper $jumper, Effort $effort = new Effort()): self
    {
        return new self($scaling, TimedWorkout::of($scaled, $jumper, $effort));
    }

    /** Of its doubles in one go; tries and singles ask for none. */
    public function chanceUnbroken(): ?float
    {
        return \in_array($this->scaling, [Scaling::Tries, Scaling::Singles], true) ? null : $this->timed->chanceUnbroken();
    }

    /** Of being done within the cap; null: there is none. */
    public function chanceInCap(): ?float
    {
        return null === $this->timed->workout->capS ? null : $this->timed->chanceWithin((float) $this->timed->workout->capS);
    }
}
