<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

use Zumbo\App\Pacing\Choice\ChosenWayView;
use Zumbo\App\Pacing\Run\PacedLeg;
use Zumbo\App\Pacing\Workout\WorkoutView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Pacing\Scale\Scaling;

/**
 * A workout for one athlete.
 */
final readonly class PacingView
{
    /**
     * @param list<RoundView>        $rounds        of each station of doubles; none: no set is planned yet
     * @param list<PacedStationView> $strip         all stations in order
     * @param list<float>|null       $chanceMinutes of each round at the minute, that it is done in time
     * @param list<ScaledView>       $ways
     * @param list<PacedLeg>         $legs          as a pacer calls them
     * @param list<SpeedView>        $speeds
     */
    public function __construct(
        public string $athleteId,
        public WorkoutView $workout,
        /** "20-15-15, restart each set with one single". */
        public SentenceView $plan,
        /** Whether breaking matters. */
        public SentenceView $matter,
        /** Where the chance of a miss is taken from. */
        public SentenceView $source,
        public array $rounds,
        public array $strip,
        public float $expectedS,
        /** One workout in ten is quicker. */
        public float $p10S,
        /** One in ten is slower. */
        public float $p90S,
        /** What does not depend on the rope. */
        public float $fixedS,
        /** Without a planned break. */
        public float $unbrokenS,
        public ?float $chanceInCap,
        public ?array $chanceMinutes,
        /** Rounds that fit, on average; null: their number is given. */
        public ?float $roundsFit,
        public ?int $roundsP10,
        public ?int $roundsP90,
        /** Of the first doubles; null: no set is planned. */
        public ?BendView $bend,
        public array $ways,
        /** Null: nothing of it fits today. */
        public ?Scaling $recommended,
        public SentenceView $why,
        public int $contactsLeft,
        /** Doubles of each station, of fewer doubles; null: as many as come are asked for. */
        public ?int $cut,
        /** Seconds of tries. */
        public int $tries,
        public CostsView $costs,
        /** By how much its band is widened, as forecasts have held. */
        public float $wider,
        public array $legs,
        /** The same for the clock of the class; null: it does not take so many. */
        public ?string $clockText,
        public array $speeds,
        /** The way that a coach chose; null: none. */
        public ?ChosenWayView $chosen,
    ) {
    }
}
