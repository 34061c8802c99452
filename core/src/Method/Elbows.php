<?php

declare(strict_types=1);

namespace Zumbo\Core\Method;

/**
 * Where the elbows are, seen from the side.
 */
enum Elbows: string
{
    case ByTheRibs = 'by-the-ribs';
    case DrawnBack = 'drawn-back';
    /** The hands lead in front of the body. */
    case HandsLead = 'hands-lead';
}
