<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size;

use Zumbo\App\RopeDesk\Size\Picture\FigureView;
use Zumbo\App\RopeDesk\Size\Picture\HandLimitsView;
use Zumbo\App\RopeDesk\Size\Picture\TurningView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\RopeVerdictView;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\TrimSchool;

/**
 * All that is known about the right rope for one athlete.
 */
final readonly class SizingView
{
    /**
     * @param list<SchoolRopeView> $schools the shortest cable first
     * @param list<SentenceView>   $reasons why the recommended one
     */
    public function __construct(
        public string $athleteId,
        public School $recommended,
        /** The school looked at: the one asked for, else the recommended. */
        public School $chosen,
        public array $schools,
        public float $spreadM,
        public array $reasons,
        /** Null: no cable is known yet. */
        public ?CableAdviceView $cable,
        public FigureView $figure,
        /** Null: no cable is known yet. */
        public ?TurningView $turning,
        /** Null: not known; the cable stays open until it is. */
        public ?float $handleLengthM,
        /** Where the ends must reach, for the chosen school; where they do reach, for a length set by hand. */
        public SentenceView $reach,
        /** The athlete's own, else the gym's. */
        public TrimSchool $trimSchool,
        /** Of the school in force; null: the handles are not known. */
        public ?float $goalCableM,
        /** About the rope they have. */
        public RopeVerdictView $verdict,
        public HandLimitsView $handLimits,
        public SizingSourcesView $sources,
    ) {
    }
}
