<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

/**
 * What the story marks on its axis.
 */
enum StoryEvent: string
{
    case Stage = 'stage';
    case Rope = 'rope';
    case Height = 'height';
    case Pain = 'pain';
    case Cleared = 'cleared';
    case Stop = 'stop';
    case Pause = 'pause';
}
