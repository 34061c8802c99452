<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\CountKind;

/**
 * A pack of cards as a workout, its total said before the start.
 */
final readonly class DeckView
{
    /**
     * @param list<CardView> $cards in the order in which they are turned over
     * @param list<SuitView> $suits
     */
    public function __construct(
        public string $athleteId,
        /** Under which it is logged. */
        public string $code,
        /** What is counted when it is logged. */
        public CountKind $countKind,
        public int $seed,
        public array $cards,
        public array $suits,
        public int $reps,
        public int $jumps,
        public int $turns,
        public int $contacts,
        public SentenceView $load,
    ) {
    }
}
