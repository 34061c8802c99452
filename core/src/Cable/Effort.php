<?php

declare(strict_types=1);

namespace Zumbo\Core\Cable;

/**
 * What a cable costs at the rate of linked doubles: the power that goes into the air. Not better than ±30 %, so only
 * four steps (our assumption, thin wire, coated cable, cords, beads).
 */
enum Effort: string
{
    case Low = 'low';
    case Moderate = 'moderate';
    case High = 'high';
    case Heavy = 'heavy';

    public static function ofPower(float $watts): self
    {
        return match (true) {
            $watts < 13 => self::Low,
            $watts < 20 => self::Moderate,
            $watts < 40 => self::High,
            default => self::Heavy,
        };
    }

    /** 1 to 4, for a scale. */
    public function step(): int
    {
        return (int) array_search($this, self::cases(), true) + 1;
    }
}
