<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Zumbo\App\RopeDesk\Check\InspectionPointView;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\RopeSizing;

/**
 * The words of the rope desk that forms need: the families of cable, and what is looked at on a rope.
 */
final readonly class RopeTermsView
{
    /**
     * @param list<FamilyView>          $families
     * @param list<InspectionPointView> $inspection
     */
    private function __construct(
        public array $families,
        public array $inspection,
        /** What a form begins with, metres. */
        public float $usualHandleM,
        public float $usualSpareM,
    ) {
    }

    public static function all(): self
    {
        return new self(
            FamilyView::all(),
            InspectionPointView::all(),
            Handle::USUAL_LENGTH_M,
            RopeSizing::USUAL_SPARE_M,
        );
    }
}
