<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

/**
 * What is to become of the file once it has been heard.
 */
final readonly class RecordingInput
{
    public function __construct(
        /** Left out: deleted. */
        public bool $keep = false,
    ) {
    }
}
