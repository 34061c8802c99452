<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Ladder;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Sets\Ladder\FittedLadder;

/**
 * A ladder that was fitted, and why this one.
 */
final readonly class FittedView
{
    private function __construct(
        public int $start,
        public int $step,
        public int $top,
        public int $times,
        public float $chanceOfTop,
        public float $expectedS,
        public int $contacts,
        public ?SentenceView $why,
    ) {
    }

    public static function of(FittedLadder $one): self
    {
        return new self(
            $one->start,
            $one->step,
            $one->top,
            $one->times,
            $one->chanceOfTop,
            $one->outlook->expectedS(),
            (int) round($one->outlook->expectedContacts()),
            null === $one->why ? null : SentenceView::of($one->why, LengthUnit::Centimetre),
        );
    }
}
