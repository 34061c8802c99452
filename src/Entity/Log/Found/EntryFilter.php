<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log\Found;

use Symfony\Component\Uid\Uuid;
use Zumbo\Core\Stage\Stage;

/**
 * Which entries of the log are looked for; null asks for nothing.
 */
final readonly class EntryFilter
{
    public function __construct(
        public ?Uuid $athlete = null,
        public ?Stage $stage = null,
        /** Code of what was done. */
        public ?string $drill = null,
        /** Who logged it, as the log names them. */
        public ?string $by = null,
        /** Only what athletes counted themselves, or only what they did not. */
        public ?bool $selfReported = null,
        /** Code of a fault: what was logged while its focus stood. */
        public ?string $fault = null,
        /** From this instant on. */
        public ?\DateTimeImmutable $from = null,
        /** Before this instant. */
        public ?\DateTimeImmutable $until = null,
    ) {
    }
}
