<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

use Zumbo\Core\Measure\Length;

/**
 * The one next step with a rope: what to do, and how much at each side where something is taken off or let out.
 */
final readonly class NextStep
{
    private function __construct(public RopeAction $action, public ?Length $perSide)
    {
    }

    public static function of(RopeAction $action, ?Length $perSide = null): self
    {
        return new self($action, $perSide);
    }
}
