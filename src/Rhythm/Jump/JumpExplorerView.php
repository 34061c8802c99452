<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Jump;

use Zumbo\App\Shared\SentenceView;

/**
 * Higher jump or faster wrist, with this athlete's rope and feet.
 */
final readonly class JumpExplorerView
{
    /**
     * @param list<PassCurveView> $curves   for one, two and three passes
     * @param list<ContactView>   $contacts from quick to slow feet
     */
    public function __construct(
        public float $cableLengthM,
        public float $footLengthM,
        public float $clearanceM,
        public array $curves,
        /** The jump asked for. */
        public WayView $now,
        public WayView $highSlow,
        public WayView $lowFast,
        public array $contacts,
        public SentenceView $answer,
        public SentenceView $wideHands,
    ) {
    }
}
