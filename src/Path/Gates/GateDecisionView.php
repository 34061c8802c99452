<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Gates;

use Zumbo\App\Entity\Path\GateDecision;
use Zumbo\App\Entity\Path\GateDeed;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Path\GateWords;
use Zumbo\Core\Stage\Stage;

/**
 * What was decided about a gate, by whom and why.
 */
final readonly class GateDecisionView
{
    private function __construct(
        public string $id,
        /** Null: of the whole gym. */
        public ?string $athleteId,
        public Stage $stage,
        public GateDeed $deed,
        /** What it asks since then; null: nothing, or what is usual. */
        public ?SentenceView $asks,
        public string $reason,
        public string $by,
        /** UTC, ISO 8601. */
        public string $at,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(GateDecision $decision): self
    {
        $usual = GateTable::of($decision->stage(), Ways::usual());

        return new self(
            $decision->id()->toRfc4122(),
            $decision->athleteId()?->toRfc4122(),
            $decision->stage(),
            $decision->deed(),
            GateDeed::Set !== $decision->deed() || null === $usual
                ? null
                : SentenceView::of(GateWords::asked($decision->setting()->on($usual)), LengthUnit::Centimetre),
            $decision->reason(),
            $decision->decidedBy(),
            $decision->decidedAt()->format('Y-m-d\TH:i:s\Z'),
            $decision->isRemoved(),
            $decision->version(),
        );
    }
}
