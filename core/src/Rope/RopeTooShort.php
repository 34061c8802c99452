<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\CoreException;
use Zumbo\Core\Measure\Length;

/**
 * A rope that can't even reach from hand to hand.
 */
final class RopeTooShort extends \DomainException implements CoreException
{
    private function __construct(string $message, public readonly Length $cable, public readonly Length $span)
    {
        parent::__construct($message);
    }

    public static function forSpan(Length $cable, Length $span): self
    {
        return new self(
            \sprintf(
                'a cable of %.1f cm is shorter than the %.1f cm between the hands',
                $cable->centimetres(),
                $span->centimetres(),
            ),
            $cable,
            $span,
        );
    }
}
