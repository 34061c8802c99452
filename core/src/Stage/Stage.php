<?php

declare(strict_types=1);

namespace Zumbo\Core\Stage;

/**
 * The ten stages of the default path, from hopping without a rope to doubles inside a workout (common practice).
 */
enum Stage: string
{
    case Jump = 'jump';
    case Turn = 'turn';
    case Join = 'join';
    case Singles = 'singles';
    case Range = 'range';
    case Snap = 'snap';
    case Mix = 'mix';
    case Link = 'link';
    case Hold = 'hold';
    case Workout = 'workout';

    /** Place on the path, 1 to 10. */
    public function number(): int
    {
        return (int) array_search($this, self::cases(), true) + 1;
    }

    public function isBefore(self $other): bool
    {
        return $this->number() < $other->number();
    }

    /**
     * Which third of the path it belongs to: what rope and cable an athlete needs changes with it, not with each stage.
     */
    public function phase(): Phase
    {
        return match (true) {
            $this->isBefore(self::Range) => Phase::Learning,
            $this->isBefore(self::Link) => Phase::Approaching,
            default => Phase::Linking,
        };
    }
}
