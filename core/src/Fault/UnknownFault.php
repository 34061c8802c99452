<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Measure\CoreException;

final class UnknownFault extends \InvalidArgumentException implements CoreException
{
    private function __construct(string $message, public readonly string $accepted)
    {
        parent::__construct($message);
    }

    /**
     * @param list<string> $known
     */
    public static function of(string $code, array $known): self
    {
        $accepted = 'one of '.implode(', ', $known);

        return new self(\sprintf('fault "%s": %s', $code, $accepted), $accepted);
    }
}
