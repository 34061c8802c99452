<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Calendar;

/**
 * What a calendar file says of weekly classes.
 */
final readonly class ClassTimesReadView
{
    /**
     * @param list<string> $notes what is in the file and is no weekly class, and the days that are left out
     */
    public function __construct(
        /** One line each, as the settings take them: "Tue 18:30 Evening class". */
        public string $classTimes,
        public array $notes,
    ) {
    }
}
