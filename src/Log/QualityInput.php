<?php

declare(strict_types=1);

namespace Zumbo\App\Log;

/**
 * Whether an entry was clean or rough.
 */
final readonly class QualityInput
{
    public function __construct(public bool $clean)
    {
    }
}
