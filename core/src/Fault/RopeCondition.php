<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * What is known of the condition of a rope.
 */
enum RopeCondition: string
{
    case Unchecked = 'unchecked';
    case Fine = 'fine';
    case Worn = 'worn';
}
