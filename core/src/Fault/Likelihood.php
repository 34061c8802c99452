<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * How often a sign is there when its fault is (our assumption; three steps are all a coach can tell apart).
 */
enum Likelihood: string
{
    case Usual = 'usual';
    case Often = 'often';
    case Sometimes = 'sometimes';

    public function chance(): float
    {
        return match ($this) {
            self::Usual => 0.75,
            self::Often => 0.45,
            self::Sometimes => 0.2,
        };
    }

    /** As a person counts them: 3 usual, 2 often, 1 sometimes. */
    public function marks(): int
    {
        return match ($this) {
            self::Usual => 3,
            self::Often => 2,
            self::Sometimes => 1,
        };
    }
}
