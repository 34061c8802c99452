<?php

declare(strict_types=1);

namespace Zumbo\Core\Method;

/**
 * How a practice begins.
 */
enum WarmUp: string
{
    case BeforeTheRope = 'before-the-rope';
    case WithTheRope = 'with-the-rope';
}
