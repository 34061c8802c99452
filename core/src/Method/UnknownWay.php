<?php

declare(strict_types=1);

namespace Zumbo\Core\Method;

use Zumbo\Core\Measure\CoreException;

/**
 * A question or an answer that no school has.
 */
final class UnknownWay extends \InvalidArgumentException implements CoreException
{
    private function __construct(public readonly string $given, public readonly string $accepted)
    {
        parent::__construct(\sprintf('there is no way of teaching “%s”; accepted: %s', $given, $accepted));
    }

    public static function question(string $given): self
    {
        return new self($given, implode(', ', array_column(WayKind::cases(), 'value')));
    }

    public static function answer(WayKind $kind, string $given): self
    {
        return new self($kind->value.': '.$given, implode(', ', $kind->answers()));
    }
}
