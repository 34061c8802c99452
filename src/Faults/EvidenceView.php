<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Zumbo\Core\Fault\Evidence;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * How often a sign comes with a fault, and why.
 */
final readonly class EvidenceView
{
    private function __construct(
        public Sign $sign,
        public string $text,
        /** 1 sometimes, 2 often, 3 usual. */
        public int $marks,
        public string $reason,
    ) {
    }

    public static function of(Evidence $evidence): self
    {
        return new self(
            $evidence->sign,
            MessageCatalogue::name(Term::of($evidence->sign)),
            $evidence->likelihood->marks(),
            $evidence->reason,
        );
    }
}
