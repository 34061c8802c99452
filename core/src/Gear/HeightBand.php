<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\Length;

/**
 * The heights a shared rope is for.
 */
final readonly class HeightBand
{
    /** From (included) to (not included). */
    public function __construct(public Length $from, public Length $to, public ?SharedRope $rope)
    {
    }
}
