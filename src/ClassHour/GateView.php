<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Path\GateCurve;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\GateVerdict;

/**
 * The outlook of a stage's gate.
 */
final readonly class GateView
{
    private function __construct(
        /** What is counted. */
        public CountKind $measure,
        /** What must be reached: reps, clean tries, or seconds. */
        public int $count,
        public float $chance,
        public int $entries,
        public bool $open,
        public GateVerdict $verdict,
        public SentenceView $outlook,
        public SentenceView $basis,
        /** That a set may be there twice; null: none. */
        public ?SentenceView $doubt,
        /** Null: jumping is off today. */
        public ?SentenceView $next,
        /** What is told without being asked; null: nothing. */
        public ?SentenceView $news,
        /** @var list<GatePointView> the least count first */
        public array $curve,
    ) {
    }

    /** @param bool $jumps whether jumping is on today: else nobody is told to move on */
    public static function of(GateOutlook $outlook, ?Verdict $news, ?Verdict $doubt, bool $jumps): self
    {
        $advice = $outlook->advice();

        return new self(
            $outlook->gate->countKind,
            $outlook->gate->count,
            $outlook->chance,
            $outlook->recent->entries,
            $outlook->isOpenNow() && $jumps,
            $outlook->verdict,
            SentenceView::of($outlook->outlook, LengthUnit::Centimetre),
            SentenceView::of($advice->basis, LengthUnit::Centimetre),
            null === $doubt ? null : SentenceView::of($doubt, LengthUnit::Centimetre),
            $jumps ? SentenceView::of($advice->next, LengthUnit::Centimetre) : null,
            null === $news || !$jumps ? null : SentenceView::of($news, LengthUnit::Centimetre),
            array_map(GatePointView::of(...), GateCurve::of($outlook->gate, $outlook->recent)),
        );
    }
}
