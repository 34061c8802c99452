<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

use Zumbo\Core\Measure\CoreException;

final class UnknownDrill extends \InvalidArgumentException implements CoreException
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

        return new self(\sprintf('drill "%s": %s', $code, $accepted), $accepted);
    }
}
