<?php

declare(strict_types=1);

namespace Zumbo\Core\Jump;

use Zumbo\Core\Measure\CoreException;

/**
 * A frame that can't be, or a clip that shows too little: which of the five numbers, and what would be right.
 */
final class FrameError extends \DomainException implements CoreException
{
    private function __construct(
        string $message,
        /** frames_per_s, takeoff, pass_1, pass_2 or landing. */
        public readonly string $field,
        public readonly string $given,
        public readonly string $accepted,
    ) {
        parent::__construct($message);
    }

    public static function of(string $field, string $name, string $given, string $accepted): self
    {
        return new self("$name $given: $accepted", $field, $given, $accepted);
    }
}
