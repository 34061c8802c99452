<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

/**
 * A break, and what the station takes with it after each rep where it may be.
 */
final readonly class BreakView
{
    /**
     * @param list<float> $expectedS after the rep `from` and each later one
     */
    public function __construct(public int $from, public array $expectedS)
    {
    }
}
