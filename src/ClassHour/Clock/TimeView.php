<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

/**
 * The server's clock: milliseconds since 1970.
 */
final readonly class TimeView
{
    public function __construct(public int $nowMs)
    {
    }
}
