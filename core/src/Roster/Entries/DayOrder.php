<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Entries;

/**
 * How a list writes 3 April in numbers: 3/4 or 4/3.
 */
enum DayOrder: string
{
    case DayFirst = 'day-first';
    case MonthFirst = 'month-first';
}
