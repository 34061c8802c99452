<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * How many times likelier a sign is with the fault than without it (our assumption, three steps are all a coach can
 * tell apart).
 */
enum Weight: int
{
    case Weak = 2;
    case Strong = 6;
    case Telltale = 20;

    /** As a person counts them: 1 weak, 2 strong, 3 telltale. */
    public function marks(): int
    {
        return match ($this) {
            self::Weak => 1,
            self::Strong => 2,
            self::Telltale => 3,
        };
    }

    /** To be added up: the logarithm of the ratio. */
    public function log(): float
    {
        return log($this->value);
    }
}
