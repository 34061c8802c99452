<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Shown;

use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\RopeVerdictView;
use Zumbo\Core\Measure\LengthUnit;

/**
 * The rope an athlete has today.
 */
final readonly class CardRopeView
{
    private function __construct(
        public float $cableM,
        /** Local day since when it has this length. */
        public string $since,
        public RopeVerdictView $verdict,
    ) {
    }

    /** Null: they have none of their own. */
    public static function of(Judged $judged, LengthUnit $unit): ?self
    {
        return null === $judged->rope
            ? null
            : new self(
                $judged->rope->spec()->cableLengthM,
                $judged->dayOf($judged->rope->createdAt()),
                RopeVerdictView::ofJudged($judged, $unit),
            );
    }
}
