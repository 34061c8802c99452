<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * A fault with its chance, and the signs that speak for it.
 */
final readonly class RankedFault
{
    /**
     * @param list<Evidence> $evidence those noticed
     */
    public function __construct(public Fault $fault, public float $chance, public array $evidence)
    {
    }
}
