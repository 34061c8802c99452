<?php

declare(strict_types=1);

namespace Zumbo\Core\Measure;

/**
 * A quantity outside the range in which it makes sense.
 */
final class OutOfRange extends \DomainException implements CoreException
{
    private function __construct(string $message, public readonly string $accepted)
    {
        parent::__construct($message);
    }

    public static function notFinite(string $quantity): self
    {
        return new self(\sprintf('%s: not a finite number', $quantity), 'a finite number');
    }

    /**
     * @param string $shown the value as it was given, with its unit
     */
    public static function of(string $quantity, string $shown, string $accepted): self
    {
        return new self(\sprintf('%s %s: %s', $quantity, $shown, $accepted), $accepted);
    }
}
