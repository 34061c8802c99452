<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Live;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class SinceInput
{
    public function __construct(
        /** The revision seen last. */
        #[Assert\Range(min: 0, max: 9_000_000_000_000_000)] public int $since = 0,
    ) {
    }
}
