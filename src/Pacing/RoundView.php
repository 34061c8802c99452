<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing;

use Zumbo\Core\Pacing\RoundPlan;

final readonly class RoundView
{
    /**
     * @param list<int> $plan set by set
     */
    private function __construct(public array $plan, public float $expectedS, public float $unbrokenS)
    {
    }

    public static function of(RoundPlan $round): self
    {
        return new self($round->plan, $round->expectedS, $round->unbrokenS);
    }
}
