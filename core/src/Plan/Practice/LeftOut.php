<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

/**
 * What was considered and not chosen, and why.
 */
final readonly class LeftOut
{
    public function __construct(public string $code, public string $title, public LeftOutReason $reason)
    {
    }
}
