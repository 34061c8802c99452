<?php

declare(strict_types=1);

namespace Zumbo\App\Record;

enum DominantHand: string
{
    case Right = 'right';
    case Left = 'left';
    case Both = 'both';
}
