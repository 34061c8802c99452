<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * Somebody else changed the row first. Carries what the server holds now, so that nothing has to be typed again.
 */
final class VersionConflict extends \RuntimeException implements Refusal
{
    private function __construct(string $message, private readonly object $current)
    {
        parent::__construct($message);
    }

    public static function between(int $seen, int $now, object $current): self
    {
        return new self(
            \sprintf('Somebody changed this meanwhile: you saw version %d, now it is version %d.', $seen, $now),
            $current,
        );
    }

    public function problem(): Problem
    {
        return Problem::of(409, 'Changed meanwhile', $this->getMessage(), current: $this->current);
    }
}
