<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Place;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Path\RopeComesRound;
use Zumbo\Core\Path\TwoMinutes;
use Zumbo\Core\Streak\CountedReps;

/**
 * What a coach saw of a newcomer in two minutes.
 */
final readonly class PlacementInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $athleteId,
        /** How often the hops halted in twenty seconds. */
        #[Assert\Range(min: 0, max: 20)] public int $halts,
        /** In twenty seconds of singles. */
        #[OneOf(RopeComesRound::class)] public string $rope,
        /** In the same. */
        #[Assert\Range(min: 0, max: 50)] public int $misses,
        /** Tall singles of three that came off. */
        #[Assert\Range(min: 0, max: TwoMinutes::TRIES)] public int $tall = 0,
        /** Doubles of three that were landed tall. */
        #[Assert\Range(min: 0, max: TwoMinutes::TRIES)] public int $doubles = 0,
        /** Doubles in a row, the best of three goes, by whoever links them; left out: they don't. */
        #[Assert\Range(min: 0, max: CountedReps::MOST_IN_ENTRY)] public ?int $best = null,
        /** Of the rope, in the twenty seconds of singles; left out: nobody counted. */
        #[Assert\Range(min: 0, max: 200)] public ?int $turns = null,
    ) {
    }

    public function seen(): TwoMinutes
    {
        $round = RopeComesRound::from($this->rope);

        return TwoMinutes::seen(
            $this->halts,
            $round,
            $this->misses,
            $this->tall,
            $this->doubles,
            $this->best,
            $this->turns,
        );
    }
}
