<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Jump;

/**
 * How high one must jump with an evenly turning rope when the feet are on the floor for so long.
 */
final readonly class ContactView
{
    public function __construct(public int $contactMs, public float $leastJumpM)
    {
    }
}
