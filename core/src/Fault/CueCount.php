<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Numeric\BetaDistribution;

/**
 * How many goes a cue was given, and how many were better for it.
 */
final readonly class CueCount
{
    /** @throws \LogicException when more helped than there were */
    public function __construct(public int $goes, public int $better)
    {
        if ($better < 0 || $better > $goes) {
            throw new \LogicException('of '.$goes.' goes '.$better.' can\'t have been better');
        }
    }

    public static function none(): self
    {
        return new self(0, 0);
    }

    public function plus(CueOutcome $outcome): self
    {
        return new self($this->goes + 1, $this->better + (CueOutcome::Better === $outcome ? 1 : 0));
    }

    /** What is known of how often it helps, from these goes alone: Beta(1, 1) before them. */
    public function known(): BetaDistribution
    {
        return BetaDistribution::of(1 + $this->better, 1 + $this->goes - $this->better);
    }
}
