<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\File;

use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * The disk, or what a gym may keep on it, is full: nothing of what was sent is kept.
 */
final class StorageFull extends \RuntimeException implements Refusal
{
    public static function disk(): self
    {
        return new self('The disk of the server is full: what was sent was not kept. Tell whoever runs it.');
    }

    /** @param string $what a sentence about what is too much, with a place for the megabytes */
    public static function quota(int $most, string $what): self
    {
        return new self(\sprintf($what, number_format($most / 1e6)));
    }

    public function problem(): Problem
    {
        return Problem::of(507, 'Storage full', $this->getMessage());
    }
}
