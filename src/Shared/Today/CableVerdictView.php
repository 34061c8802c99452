<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\CableFit;
use Zumbo\Core\Cable\CableNeeds;
use Zumbo\Core\Measure\LengthUnit;

/**
 * Whether the cable of an athlete's rope suits the stage, and the next one on the way from thick to thin.
 */
final readonly class CableVerdictView
{
    private function __construct(
        public CableFit $fit,
        public CableFamily $recommended,
        public SentenceView $sentence,
        /** The next one with what comes before it; null: change this one first, or none is thinner. */
        public ?SentenceView $next,
    ) {
    }

    public static function of(CableNeeds $needs): self
    {
        return new self(
            $needs->fit,
            $needs->recommended,
            SentenceView::of($needs->reason, LengthUnit::Centimetre),
            null === $needs->nextReason ? null : SentenceView::of($needs->nextReason, LengthUnit::Centimetre),
        );
    }
}
