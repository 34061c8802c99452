<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Jump;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Four frames of a clip.
 */
final readonly class FramesInput
{
    public function __construct(
        /** Of the camera, not of the player. */
        #[Assert\Range(min: 1, max: 10000)] public float $framesPerS,
        #[Assert\Range(min: 0, max: 10000000)] public int $takeOff,
        #[Assert\Range(min: 0, max: 10000000)] public int $pass1,
        #[Assert\Range(min: 0, max: 10000000)] public int $pass2,
        #[Assert\Range(min: 0, max: 10000000)] public int $landing,
    ) {
    }
}
