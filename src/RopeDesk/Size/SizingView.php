<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size;

use Zumbo\App\RopeDesk\Size\Picture\FigureView;
use Zumbo\App\RopeDesk\Size\Picture\HandLimitsView;
use Zumbo\App\RopeDesk\Size\Picture\TurningView;
use Zumbo\App\Shared\SentenceView;
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
        public CableAdviceView $cable,
        public FigureView $figure,
        public TurningView $turning,
        public float $handleLengthM,
        /** Where the ends must reach, for the chosen school. */
        public SentenceView $reach,
        /** The athlete's own, else the gym's. */
        public TrimSchool $trimSchool,
        /** Where a trim path ends. */
        public float $goalCableM,
        public HandLimitsView $handLimits,
        public SizingSourcesView $sources,
    ) {
    }
}
