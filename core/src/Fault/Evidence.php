<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * How often one sign comes with one fault, and why.
 */
final readonly class Evidence
{
    public function __construct(public Sign $sign, public Likelihood $likelihood, public string $reason)
    {
    }
}
