<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

use Zumbo\App\Shared\Interval\ClockPhaseView;
use Zumbo\App\Shared\Interval\StationStripView;

/**
 * What some of the class do, with its phases as they run now.
 */
final readonly class ProgrammeView
{
    /**
     * @param list<ClockPhaseView>   $phases
     * @param list<StationStripView> $strips what is done, each once
     * @param list<ClockPersonView>  $people
     */
    public function __construct(
        public string $title,
        /** In the notation, ready to be read again. */
        public string $text,
        public bool $keepLastRest,
        public array $phases,
        public array $strips,
        public array $people,
        public int $totalS,
    ) {
    }
}
