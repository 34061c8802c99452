<?php

declare(strict_types=1);

namespace Zumbo\Core\Load;

use Zumbo\Core\Measure\OutOfRange;

/**
 * How hard a session felt, and how long it took: its load is the product (C. Foster et al., J. Strength Cond. Res. 15 (2001)
 * 109–115).
 */
final readonly class SessionRating
{
    public const HARDEST = 10;

    /** Of one session in a gym, whole minutes (our assumption). */
    public const LONGEST_MIN = 300;

    private function __construct(public float $effort, public float $minutes)
    {
    }

    /** @throws OutOfRange when the effort is not from 0 to 10, or the minutes are below 0 */
    public static function of(float $effort, float $minutes): self
    {
        if (!($effort >= 0 && $effort <= self::HARDEST)) {
            throw OutOfRange::of('effort', (string) $effort, 'from 0 to '.self::HARDEST);
        }
        if (!($minutes >= 0)) {
            throw OutOfRange::of('minutes', (string) $minutes, 'from 0');
        }

        return new self($effort, $minutes);
    }

    public function load(): float
    {
        return $this->effort * $this->minutes;
    }
}
