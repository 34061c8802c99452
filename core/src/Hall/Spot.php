<?php

declare(strict_types=1);

namespace Zumbo\Core\Hall;

/**
 * A place on the floor: metres from the left wall and from the front, where the coach stands.
 */
final readonly class Spot
{
    public function __construct(public float $x, public float $y)
    {
    }

    public function distanceTo(self $other): float
    {
        return hypot($this->x - $other->x, $this->y - $other->y);
    }
}
