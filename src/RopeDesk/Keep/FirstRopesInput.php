<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\Handle;

/**
 * With which handles everybody's first rope is sized, of whom none are known.
 */
final readonly class FirstRopesInput
{
    public function __construct(
        /** Left out: nothing is taken for granted. */
        #[ReadableLength(Quantity::Handle)] public ?string $handle = null,
    ) {
    }

    public function handle(): ?Handle
    {
        return null === $this->handle
            ? null
            : Handle::ofLength(LengthParser::parse($this->handle, Quantity::Handle->range()));
    }
}
