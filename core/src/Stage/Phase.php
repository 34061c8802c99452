<?php

declare(strict_types=1);

namespace Zumbo\Core\Stage;

/**
 * Three stretches of the path: up to steady singles, on the way to the first doubles, linked doubles.
 */
enum Phase: string
{
    case Learning = 'learning';
    case Approaching = 'approaching';
    case Linking = 'linking';
}
