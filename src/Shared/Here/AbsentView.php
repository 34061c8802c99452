<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Here;

/**
 * An athlete who is not in the hall tonight.
 */
final readonly class AbsentView
{
    public function __construct(
        public string $id,
        public string $firstName,
        /** "not seen for 5 weeks". */
        public string $why,
    ) {
    }
}
