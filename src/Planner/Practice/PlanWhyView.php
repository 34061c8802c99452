<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

use Zumbo\App\Shared\SentenceView;

/**
 * The rule that chose something, and for whom.
 */
final readonly class PlanWhyView
{
    /**
     * @param list<string> $names first names
     */
    public function __construct(public SentenceView $why, public array $names)
    {
    }
}
