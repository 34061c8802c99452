<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Jump;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * How somebody jumps; what is left out is usual.
 */
final readonly class JumpExplorerInput
{
    public function __construct(
        #[Assert\Range(min: 1, max: 3)] public int $passes = 2,
        /** On the floor between two flights, milliseconds. */
        #[Assert\Range(min: 80, max: 400)] public int $contactMs = 180,
        /** Each hand further out than usual, centimetres. */
        #[Assert\Range(min: 0, max: 30)] public int $handsOutCm = 0,
        #[Assert\Range(min: 2, max: 60)] public int $jumpCm = 15,
        /** The two ways that are compared; left out: 20 cm, and the least that can be done evenly with 2 cm to spare. */
        #[Assert\Range(min: 2, max: 60)] public ?int $highCm = null,
        #[Assert\Range(min: 2, max: 60)] public ?int $lowCm = null,
        /** For work and power. */
        #[Assert\Range(min: 15, max: 250)] public int $massKg = 75,
    ) {
    }
}
