<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Routine;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Plan\Routine\Routine;

/**
 * How long, at which beat, of which moves.
 */
final readonly class RoutineInput
{
    public function __construct(
        /** Null: as it is usual at their stage. */
        #[Assert\Range(min: Routine::LEAST_S, max: Routine::MOST_S)] public ?int $seconds = null,
        #[Assert\Range(min: Routine::LEAST_BEAT, max: Routine::MOST_BEAT)] public int $beatsPerMin = 110,
        /** Codes parted by commas; empty: all that their stage is taught. */
        #[Assert\Length(max: 600)] public string $moves = '',
    ) {
    }

    /**
     * @return list<string>
     */
    public function codes(): array
    {
        return '' === $this->moves ? [] : explode(',', $this->moves);
    }
}
