<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

/**
 * What a coach says of somebody tonight, by one touch.
 */
enum AttendanceMark: string
{
    case Here = 'here';
    case Left = 'left';
    case Away = 'away';
}
