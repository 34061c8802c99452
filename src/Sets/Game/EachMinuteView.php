<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\CountKind;

/**
 * One more each minute, and how long it is expected to go.
 */
final readonly class EachMinuteView
{
    /**
     * @param list<float> $stillIn chance of having held every minute so far, minute by minute up to the end
     */
    public function __construct(
        public string $athleteId,
        /** Under which it is logged. */
        public string $code,
        /** What is counted when it is logged. */
        public CountKind $countKind,
        public int $first,
        public array $stillIn,
        /** The first minute after which it is more likely over than not. */
        public int $end,
        public int $reps,
        public SentenceView $outlook,
        public SentenceView $source,
        public SentenceView $load,
    ) {
    }
}
