<?php

declare(strict_types=1);

namespace Zumbo\App\Path;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Path\Gate;
use Zumbo\Core\Path\GateChoice;
use Zumbo\Core\Path\GateSetting;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Path\GateWords;
use Zumbo\Core\Stage\Stage;

/**
 * A stage with what it asks.
 */
final readonly class PathStageView
{
    /**
     * @param list<GateChoice> $choices of schools; the first is what is usual
     */
    private function __construct(
        public Stage $stage,
        /** Null: the last one, which asks nothing. */
        public ?SentenceView $asks,
        /** Why it is not asked; empty: it is. */
        public string $waived,
        public ?int $count,
        /** The most that can be asked; null: nothing is. */
        public ?int $mostCount,
        public array $choices,
    ) {
    }

    public static function of(Stage $stage, ?Gate $gate): self
    {
        return new self(
            $stage,
            null === $gate ? null : SentenceView::of(GateWords::asked($gate), LengthUnit::Centimetre),
            $gate->waived ?? '',
            $gate?->count,
            null === $gate ? null : GateSetting::most($gate),
            null === $gate ? [] : GateTable::choices($stage),
        );
    }
}
