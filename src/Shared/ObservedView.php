<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\Core\Fault\Observed;
use Zumbo\Core\Fault\Sign;

/**
 * What numbers say of signs of a fault: there, or looked at and fine.
 */
final readonly class ObservedView
{
    /**
     * @param list<Sign> $seen
     * @param list<Sign> $fine
     */
    private function __construct(public array $seen, public array $fine)
    {
    }

    public static function of(Observed $observed): self
    {
        return new self($observed->seen, $observed->fine);
    }
}
