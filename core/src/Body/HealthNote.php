<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

use Zumbo\Core\Measure\OutOfRange;

/**
 * One thing that was noted of an athlete's health: what, where, how much, how long ago, and whose word lifted it.
 */
final readonly class HealthNote
{
    public const MOST_DEGREE = 10;

    private function __construct(
        public Caution $caution,
        /** Of pain; null: not said. */
        public ?BodyPart $place,
        /** Of pain, 0 to 10; null: not said. */
        public ?int $degree,
        public int $daysAgo,
        /** Null: it stands. */
        public ?Clearance $clearedBy,
        public int $clearedDaysAgo,
        /** Of easy weeks: days still to come; null: until it is lifted. */
        public ?int $daysLeft,
    ) {
        if (null !== $degree && ($degree < 0 || $degree > self::MOST_DEGREE)) {
            throw OutOfRange::of('degree', (string) $degree, 'a whole number from 0 to '.self::MOST_DEGREE);
        }
    }

    /** @throws OutOfRange when the degree is not from 0 to 10 */
    public static function of(
        Caution $caution,
        ?BodyPart $place = null,
        ?int $degree = null,
        int $daysAgo = 0,
        ?int $daysLeft = null,
    ): self {
        return new self($caution, $place, $degree, $daysAgo, null, 0, $daysLeft);
    }

    public function clearedBy(Clearance $who, int $daysAgo = 0): self
    {
        return new self(
            $this->caution,
            $this->place,
            $this->degree,
            $this->daysAgo,
            $who,
            $daysAgo,
            $this->daysLeft,
        );
    }

    public function isOver(): bool
    {
        return null !== $this->daysLeft && $this->daysLeft < 0;
    }
}
