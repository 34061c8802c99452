<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cut;

use Zumbo\Core\Cable\CableFamily;

/**
 * One cable to cut, with what stands on its label.
 */
final readonly class CutPieceView
{
    public function __construct(
        public string $athleteId,
        public string $name,
        /** Between the handles. */
        public float $cableLengthM,
        /** With spare on both sides and what sits in the handles. */
        public float $cutLengthM,
        public CableFamily $family,
        public string $familyName,
        /** Of a rope they have, else of the one that is sized for them. */
        public bool $ofKeptRope,
    ) {
    }
}
