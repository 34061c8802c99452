<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Check;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Rope\Fit;

/**
 * Whether a rope that is there suits an athlete.
 */
final readonly class FitView
{
    /**
     * @param list<SentenceView> $effects what the rope will do
     */
    public function __construct(
        /** Null: nothing was said of the rope. */
        public ?Fit $fit,
        /** As one says it: "too long". */
        public ?string $fitName,
        public ?float $offByM,
        /** The cable that was measured, or that reaches so high. */
        public ?float $cableLengthM,
        public ?SentenceView $reaches,
        public ?SentenceView $remedy,
        public array $effects,
        /** Behind how much it is off: the rule it comes from. */
        public string $offBySource,
    ) {
    }
}
