<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Ladder;

/**
 * What a ladder is for.
 */
enum LadderAim: string
{
    /** The top rung is made about 85 times in 100. */
    case Practise = 'practise';
    /** Up to the last rung that is in reach, once. */
    case Test = 'test';
    /** Many contacts, and nothing that stops the flow. */
    case Tire = 'tire';
}
