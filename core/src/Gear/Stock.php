<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\OutOfRange;

/**
 * Coils, or pre-cut cables, of one length, and how many of them there are.
 */
final readonly class Stock
{
    /** Of one length: as many as are needed. */
    public const PLENTY = CutList::MOST_PIECES;

    private function __construct(public float $lengthM, public int $pieces)
    {
    }

    /**
     * @param float $lengthM metres of one
     *
     * @throws OutOfRange when the length is not above 0, or there is none
     */
    public static function of(float $lengthM, int $pieces = self::PLENTY): self
    {
        if (!($lengthM > 0) || $pieces < 1 || $pieces > self::PLENTY) {
            throw OutOfRange::of(
                'stock',
                \sprintf('%.6g m × %d', $lengthM, $pieces),
                'a length above 0, 1 to '.self::PLENTY.' times',
            );
        }

        return new self($lengthM, $pieces);
    }
}
