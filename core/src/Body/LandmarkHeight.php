<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

use Zumbo\Core\Measure\Length;

/**
 * How high a landmark stands above the floor, how sure that is, and whether somebody taped it.
 */
final readonly class LandmarkHeight
{
    private function __construct(public Length $height, public Length $uncertainty, public bool $taped)
    {
    }

    public static function taped(Length $height, Length $uncertainty): self
    {
        return new self($height, $uncertainty, true);
    }

    public static function estimated(Length $height, Length $uncertainty): self
    {
        return new self($height, $uncertainty, false);
    }
}
