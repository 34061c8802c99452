<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * How much one sign speaks for one fault, and why.
 */
final readonly class Evidence
{
    public function __construct(public Sign $sign, public Weight $weight, public string $reason)
    {
    }
}
