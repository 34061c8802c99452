<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size;

use Zumbo\App\Shared\SentenceView;

/**
 * Cables for two who share a rope, and for two who turn a pair.
 */
final readonly class SharedRopesView
{
    public function __construct(
        public float $faceToFaceM,
        public SentenceView $faceToFace,
        public float $sideBySideM,
        public SentenceView $sideBySide,
        /** Of each rope of the pair; null: nobody jumps in them. */
        public ?float $turnedM,
        public ?SentenceView $turned,
        /** Behind a rope for two: the rule it comes from. */
        public string $partnerSource,
        /** Behind a pair that is turned. */
        public string $turnedSource,
    ) {
    }
}
