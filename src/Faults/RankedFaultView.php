<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Zumbo\Core\Fault\RankedFault;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * One possible cause.
 */
final readonly class RankedFaultView
{
    /**
     * @param list<EvidenceView> $evidence the signs that were noticed and speak for it
     */
    private function __construct(
        public string $fault,
        public string $name,
        public string $why,
        /** 0 to 1. */
        public float $chance,
        public array $evidence,
    ) {
    }

    public static function of(RankedFault $ranked): self
    {
        $fault = $ranked->fault;

        return new self(
            $fault->code,
            MessageCatalogue::name(Term::named('fault', $fault->code)),
            $fault->why,
            $ranked->chance,
            array_map(EvidenceView::of(...), $ranked->evidence),
        );
    }
}
