<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack\Tonight;

use Zumbo\Core\Gear\HeightBand;

/**
 * A band of the strip beside the rack.
 */
final readonly class HeightBandView
{
    private function __construct(
        public float $fromM,
        /** Not included. */
        public float $toM,
        /** Null: no rope of the rack is for these heights. */
        public ?string $tag,
        public ?float $cableLengthM,
    ) {
    }

    public static function of(HeightBand $band): self
    {
        return new self($band->from->metres(), $band->to->metres(), $band->rope?->tag, $band->rope?->cable->metres());
    }
}
