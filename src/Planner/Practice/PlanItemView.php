<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

/**
 * One thing of a warm-up or a cool-down.
 */
final readonly class PlanItemView
{
    public function __construct(public string $title, public int $seconds)
    {
    }
}
