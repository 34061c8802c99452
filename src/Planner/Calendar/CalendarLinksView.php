<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Calendar;

/**
 * The private calendar addresses that hold.
 */
final readonly class CalendarLinksView
{
    /**
     * @param list<CalendarLinkView> $links the oldest first
     */
    public function __construct(public array $links)
    {
    }
}
