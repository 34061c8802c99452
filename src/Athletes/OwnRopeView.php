<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Shared\InspectionView;
use Zumbo\Core\Cable\CableFamily;

/**
 * As much of a rope as a list of athletes shows.
 */
final readonly class OwnRopeView
{
    private function __construct(
        public string $id,
        public float $cableLengthM,
        public CableFamily $family,
        public bool $byHand,
        public InspectionView $inspection,
    ) {
    }

    public static function of(Rope $rope): self
    {
        $spec = $rope->spec();

        return new self(
            $rope->id()->toRfc4122(),
            $spec->cableLengthM,
            $spec->family,
            '' !== $spec->overrideReason,
            InspectionView::ofOwn($rope->inspection()),
        );
    }
}
