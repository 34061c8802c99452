<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cable;

use Zumbo\Core\Cable\CableCharacter;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\Effort;
use Zumbo\Core\Cable\Feel;

/**
 * One cable in one athlete's hands.
 */
final readonly class CableRowView
{
    public function __construct(
        /** Null: a family, not one of the gym's own. */
        public ?string $ownCableId,
        public ?int $version,
        public CableFamily $family,
        public string $name,
        public float $diameterM,
        public float $densityKgPerM,
        /** On each hand, at 120 turns a minute. */
        public float $learningPullN,
        /** At 210. */
        public float $doublesPullN,
        /** Into the air at 210, a lower bound. */
        public float $doublesPowerW,
        /** Least circle of the handle tips, radius. */
        public float $wristCircleM,
        public Feel $feel,
        /** 1 to 4. */
        public int $feelStep,
        public Effort $effort,
        /** 1 to 4. */
        public int $effortStep,
        /** Whether this stage may have it. */
        public bool $forStage,
        public bool $recommended,
        /** It whips: cover the shins. */
        public bool $whips,
    ) {
    }

    public static function of(
        CableCharacter $cable,
        string $name,
        bool $forStage,
        bool $recommended,
        ?string $ownId = null,
        ?int $version = null,
    ): self {
        return new self(
            $ownId,
            $version,
            $cable->like,
            $name,
            $cable->diameterM,
            $cable->density->kilogramsPerMetre(),
            $cable->learningPullN,
            $cable->doublesPullN,
            $cable->doublesPowerW,
            $cable->wristCircleM,
            $cable->feel,
            $cable->feel->step(),
            $cable->effort,
            $cable->effort->step(),
            $forStage,
            $recommended,
            !$cable->like->suitsBeginners(),
        );
    }
}
