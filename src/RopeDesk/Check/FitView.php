<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Check;

use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\RopeVerdictView;

/**
 * Whether a rope that is there suits an athlete.
 */
final readonly class FitView
{
    /**
     * @param list<SentenceView> $effects what the rope will do
     */
    public function __construct(
        /** As of any rope of theirs; null: nothing was said of it. */
        public ?RopeVerdictView $verdict,
        /** Measured, or worked back from what it reaches; null: the handles are not known. */
        public ?float $cableLengthM,
        public ?SentenceView $reaches,
        public array $effects,
        /** That it was judged with; null: not known. */
        public ?float $handleLengthM,
        /** Behind how much it is off: the rule it comes from. */
        public string $offBySource,
    ) {
    }
}
