<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Search;

/**
 * A fault that somebody has worked on here.
 */
final readonly class WorkedFaultView
{
    public function __construct(public string $code, public string $name)
    {
    }
}
