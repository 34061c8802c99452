<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

enum DominantHand: string
{
    case Right = 'right';
    case Left = 'left';
    case Both = 'both';
}
