<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size\Picture;

use Zumbo\Core\Rope\Hands;
use Zumbo\Core\Rope\SideView;

/**
 * Where the hands turn, in metres: out from the middle of the body, above the floor, ahead of the ankles.
 */
final readonly class HandsView
{
    private function __construct(
        public float $leftOutM,
        public float $leftHeightM,
        public float $rightOutM,
        public float $rightHeightM,
        public float $aheadM,
    ) {
    }

    public static function of(Hands $hands, SideView $side): self
    {
        return new self(
            $hands->leftOut->metres(),
            $hands->leftHeight->metres(),
            $hands->rightOut->metres(),
            $hands->rightHeight->metres(),
            $side->handsAhead->metres(),
        );
    }
}
