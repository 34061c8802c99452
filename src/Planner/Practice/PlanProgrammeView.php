<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

/**
 * A programme for the clock of the class.
 */
final readonly class PlanProgrammeView
{
    /**
     * @param list<string> $athletes ids
     */
    public function __construct(public string $title, public string $text, public array $athletes)
    {
    }
}
