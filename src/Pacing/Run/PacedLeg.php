<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Run;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Pacing\Run\DoneLeg;
use Zumbo\Core\Pacing\Run\RunLeg;
use Zumbo\Core\Pacing\Workout\StationKind;
use Zumbo\Core\Pacing\Workout\Workout;

/**
 * A leg of a paced workout: as it is planned, and, once it was run, as it went. Seconds on the workout's clock.
 */
final readonly class PacedLeg
{
    public function __construct(
        /** From 1. */
        #[Assert\Range(min: 1, max: 1000)] public int $round,
        #[OneOf(StationKind::class)] public string $kind,
        #[Assert\Length(min: 1, max: 60)] public string $name,
        /** 0: none are counted. */
        #[Assert\Range(min: 0, max: Workout::MOST_REPS)] public int $reps,
        /** Without a miss. */
        #[Assert\Range(min: 0, max: 36_000)] public float $workS,
        #[Assert\Range(min: 0, max: 36_000)] public float $startS,
        #[Assert\Range(min: 0, max: 36_000)] public float $endS,
        /** The break or the rest before it. */
        #[Assert\Range(min: 0, max: 36_000)] public float $pauseS,
        /** On average. */
        #[Assert\Range(min: 0, max: 10_000)] public float $misses,
        /** When it was touched off; null: not touched, or not run yet. */
        #[Assert\Range(min: 0, max: 36_000)] public ?float $doneS = null,
        /** Misses that were counted; null: nobody counted. */
        #[Assert\Range(min: 0, max: 10_000)] public ?int $missed = null,
    ) {
    }

    public static function planned(RunLeg $leg): self
    {
        return self::of(new DoneLeg($leg, null, null));
    }

    public static function of(DoneLeg $one): self
    {
        $leg = $one->leg;

        return new self(
            $leg->round,
            $leg->kind->value,
            $leg->name,
            $leg->reps,
            $leg->workS,
            $leg->startS,
            $leg->endS,
            $leg->pauseS,
            $leg->misses,
            $one->endS,
            $one->misses,
        );
    }

    public function toCore(): DoneLeg
    {
        return new DoneLeg(
            new RunLeg(
                $this->round,
                StationKind::from($this->kind),
                $this->name,
                $this->reps,
                $this->workS,
                $this->startS,
                $this->endS,
                $this->pauseS,
                $this->misses,
            ),
            $this->doneS,
            $this->missed,
        );
    }
}
