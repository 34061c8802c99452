<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

/**
 * What is held at the landmark. Handle ends and cable ends lie two handle lengths of rope apart, 24–34 cm.
 */
enum Reading: string
{
    case HandleEnd = 'handle-end';
    case CableEnd = 'cable-end';
    case Overall = 'overall';
}
