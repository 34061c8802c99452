<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cable;

use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\CableVerdictView;
use Zumbo\Core\Cable\CableCharacter;
use Zumbo\Core\Cable\HandlePull;
use Zumbo\Core\Measure\LengthUnit;

/**
 * Every cable there is, in one athlete's hands.
 */
final readonly class CablesView
{
    /**
     * @param list<CableRowView> $cables  families first, from felt to fast, then the gym's own
     * @param list<SentenceView> $reasons why the recommended one
     */
    public function __construct(
        /** The cable length they are compared at; null: the handles are not known, so neither is the cable. */
        public ?float $cableLengthM,
        public array $cables,
        public array $reasons,
        /** Turns a minute at which the pull is told: while learning, and in doubles. */
        public float $learningTurnsPerMin,
        public float $doublesTurnsPerMin,
        public CableVerdictView $verdict,
        public CableSourcesView $sources,
    ) {
    }

    public static function open(CableVerdictView $verdict, LengthUnit $unit): self
    {
        return new self(
            null,
            [],
            [],
            HandlePull::LEARNING_TURNS_PER_MINUTE,
            CableCharacter::DOUBLES_TURNS_PER_MINUTE,
            $verdict,
            CableSourcesView::in($unit),
        );
    }
}
