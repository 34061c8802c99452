<?php

declare(strict_types=1);

namespace Zumbo\Core\Method;

/**
 * How much practice beside the class, by school. The caps of the allowance hold whichever is chosen.
 */
enum Dose: string
{
    case FiveMinutesDaily = 'five-minutes-daily';
    case ThreeTimesAWeek = 'three-times-a-week';
    case TwoOrThreeSessions = 'two-or-three-sessions';
    case WhileFresh = 'while-fresh';
}
