<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Drills;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * By whose ways the library is read.
 */
final readonly class LibraryInput
{
    public function __construct(
        /** Left out: by the gym's. */
        #[Assert\Uuid(versions: [7])] public ?string $athleteId = null,
    ) {
    }
}
