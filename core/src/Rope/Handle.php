<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Quantity;

/**
 * One handle. It matters as much as the school: 12 or 17 cm handles move the cable by 10 cm.
 */
final readonly class Handle
{
    public const USUAL_LENGTH_M = 0.15;

    /** Common short and long ones: 10 cm of cable lie between them (common practice). */
    public const SHORT_LENGTH_M = 0.12;
    public const LONG_LENGTH_M = 0.17;

    /** The cable that disappears inside the handle and must be cut on top (our assumption; makers differ). */
    public const INSIDE_M = 0.02;

    private function __construct(public Length $length)
    {
        Quantity::Handle->check($length);
    }

    /** @throws OutOfRange when not between 5 and 30 cm */
    public static function ofLength(Length $length): self
    {
        return new self($length);
    }

    public static function usual(): self
    {
        return new self(Length::ofMetres(self::USUAL_LENGTH_M));
    }

    public function pieceInside(): Length
    {
        return Length::ofMetres(self::INSIDE_M);
    }
}
