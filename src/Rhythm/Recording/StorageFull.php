<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * The disk, or what a gym may keep on it, is full: nothing of what was sent is kept.
 */
final class StorageFull extends \RuntimeException implements Refusal
{
    public static function disk(): self
    {
        return new self('The disk of the server is full: the recording was not kept. Tell whoever runs it.');
    }

    public static function quota(int $most): self
    {
        return new self(\sprintf(
            'This gym keeps as many recordings as it may (%s MB): delete one, or send this without keeping it.',
            number_format($most / 1e6),
        ));
    }

    public function problem(): Problem
    {
        return Problem::of(507, 'Storage full', $this->getMessage());
    }
}
