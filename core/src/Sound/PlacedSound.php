<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * A short sound at its moment.
 */
final readonly class PlacedSound
{
    /**
     * @param list<float> $samples
     */
    public function __construct(public float $atS, public array $samples, public float $gain)
    {
    }
}
