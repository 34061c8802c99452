<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Calendar;

/**
 * A private calendar address.
 */
final readonly class CalendarLinkView
{
    public function __construct(
        public string $id,
        public int $version,
        /** Null: the classes of the gym. */
        public ?string $athleteId,
        /** Of the athlete; "Classes". */
        public string $of,
        /** To be put behind the origin of this app. */
        public string $path,
        public string $madeBy,
        public string $madeAt,
    ) {
    }
}
