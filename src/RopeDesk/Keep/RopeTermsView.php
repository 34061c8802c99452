<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Zumbo\App\RopeDesk\Check\InspectionPointView;
use Zumbo\App\RopeDesk\Check\ReachTermView;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\TrimPath;

/**
 * The words of the rope desk that forms need: the families of cable, and what is looked at on a rope.
 */
final readonly class RopeTermsView
{
    /**
     * @param list<FamilyView>          $families
     * @param list<InspectionPointView> $inspection
     * @param list<SchoolTermView>      $schools
     * @param list<float>               $trimStepsM off each side at once, as a form offers them
     * @param list<StanceTermView>      $stances    the usual one first
     * @param list<ReachTermView>       $places     from the highest down
     */
    private function __construct(
        public array $families,
        public array $inspection,
        public array $schools,
        public array $stances,
        public array $places,
        /** What a form begins with, metres. */
        public float $usualHandleM,
        public array $trimStepsM,
        public float $usualTrimStepM,
    ) {
    }

    public static function all(): self
    {
        return new self(
            FamilyView::all(),
            InspectionPointView::all(),
            SchoolTermView::all(),
            StanceTermView::all(),
            ReachTermView::all(),
            Handle::USUAL_LENGTH_M,
            TrimPath::OFFERED_STEPS_M,
            TrimPath::USUAL_STEP_M,
        );
    }
}
