<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Zumbo\App\Entity\People\TapedLandmarks;

/**
 * Heights taped on the athlete; null: estimated.
 */
final readonly class TapedView
{
    private function __construct(
        public ?float $shoulderM,
        public ?float $armpitM,
        public ?float $chestM,
        public ?float $breastboneM,
    ) {
    }

    public static function of(TapedLandmarks $taped): self
    {
        return new self($taped->shoulderM, $taped->armpitM, $taped->chestM, $taped->breastboneM);
    }
}
