<?php

declare(strict_types=1);

namespace Zumbo\App\Log;

use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * A helper touched what somebody else wrote.
 */
final class NotYourEntry extends \RuntimeException implements Refusal
{
    public static function of(string $loggedBy): self
    {
        $who = '' === $loggedBy ? 'Somebody else' : $loggedBy;

        return new self("$who wrote that: a helper changes only what they wrote themselves.");
    }

    public function problem(): Problem
    {
        return Problem::of(403, 'Not allowed', $this->getMessage());
    }
}
