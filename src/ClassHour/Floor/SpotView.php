<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Floor;

/**
 * One athlete on the plan of the hall.
 */
final readonly class SpotView
{
    /**
     * @param list<string> $crowds first names of those in whose circle they stand
     */
    public function __construct(
        public string $athleteId,
        public string $firstName,
        /** Null: there is no room for them. */
        public ?float $xM,
        public ?float $yM,
        /** Of the circle they need. */
        public float $radiusM,
        /** Their rope is not known: taken as long as usual for their height. */
        public bool $ropeGuessed,
        /** A coach has put them there. */
        public bool $put,
        public array $crowds,
        /** They stand over a wall, or off the mat. */
        public bool $overTheEdge,
        public float $ceilingNeededM,
        /** Null: the ceiling is not known. */
        public ?bool $ceilingFits,
        /** Of the place they were put to; 0: never put. */
        public int $version,
    ) {
    }
}
