<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Scale;

/**
 * What matters today.
 */
enum Aim: string
{
    case KeepMoving = 'keep-moving';
    case Practise = 'practise';
    case Race = 'race';
}
