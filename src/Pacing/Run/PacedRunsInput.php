<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Run;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Whose runs are asked for.
 */
final readonly class PacedRunsInput
{
    public function __construct(
        /** Nothing: everybody’s. */
        #[Assert\Uuid] public ?string $athlete = null,
    ) {
    }
}
