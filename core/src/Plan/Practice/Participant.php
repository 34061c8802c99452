<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Allowance\Allowance;
use Zumbo\Core\Allowance\Jumping;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Sets\Ladder\LadderPace;
use Zumbo\Core\Stage\Stage;

/**
 * One athlete, as a plan needs to know them.
 */
final readonly class Participant
{
    /**
     * @param list<string> $lastDrills codes of what they did at the last practice
     */
    public function __construct(
        /** Tells them from the others. */
        public string $key,
        public Stage $stage,
        public Ways $ways,
        public Allowance $allowance,
        /** Practices of this stage on earlier days: which drill is in turn. */
        public int $practicesBefore = 0,
        public ?FaultAtWork $fault = null,
        public array $lastDrills = [],
        /** Null: nothing is known of their misses. */
        public ?LadderPace $pace = null,
        public bool $hasRope = true,
        /** After a day that was stopped. */
        public bool $lighter = false,
        public int $usualReps = 0,
        public int $usualMisses = 0,
    ) {
    }

    public function jumps(): bool
    {
        return $this->allowance->offersJumps() && $this->hasRope;
    }

    public function takesPart(): bool
    {
        return Jumping::Nothing !== $this->allowance->jumping;
    }
}
