<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

/**
 * Why a coach ended somebody's jumping for today.
 */
enum StopWord: string
{
    case Temper = 'temper';
    case Tired = 'tired';
    case Misses = 'misses';
}
