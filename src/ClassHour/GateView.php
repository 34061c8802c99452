<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Path\GateOutlook;

/**
 * The outlook of a stage's gate.
 */
final readonly class GateView
{
    private function __construct(
        /** What must be reached: reps, clean tries, or seconds. */
        public int $count,
        public float $chance,
        public int $entries,
        public bool $open,
        public SentenceView $outlook,
        public SentenceView $basis,
        /** That a set may be there twice; null: none. */
        public ?SentenceView $doubt,
        /** Null: jumping is off today. */
        public ?SentenceView $next,
    ) {
    }

    /** @param bool $jumps whether jumping is on today: else nobody is told to move on */
    public static function of(GateOutlook $outlook, ?Verdict $doubt, bool $jumps): self
    {
        $advice = $outlook->advice();

        return new self(
            $outlook->gate->count,
            $outlook->chance,
            $outlook->recent->entries,
            $outlook->open && $jumps,
            SentenceView::of($outlook->outlook, LengthUnit::Centimetre),
            SentenceView::of($advice->basis, LengthUnit::Centimetre),
            null === $doubt ? null : SentenceView::of($doubt, LengthUnit::Centimetre),
            $jumps ? SentenceView::of($advice->next, LengthUnit::Centimetre) : null,
        );
    }
}
