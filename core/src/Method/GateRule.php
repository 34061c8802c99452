<?php

declare(strict_types=1);

namespace Zumbo\Core\Method;

/**
 * What opens a gate.
 */
enum GateRule: string
{
    /** The count, and the last goes clean; quality is marked before the count. */
    case Both = 'both';
    /** The last five goes clean; the count is not asked. */
    case FormFirst = 'form-first';
    /** The count, and no rough go among the last three. */
    case CountFirst = 'count-first';
}
