<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

/**
 * What was considered and left out, and why.
 */
final readonly class LeftOutView
{
    public function __construct(public string $code, public string $title, public string $why)
    {
    }
}
