<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Measure\OutOfRange;

/**
 * What a coach gives: the time, what there is, and what they want otherwise than it was proposed.
 */
final readonly class PracticeWish
{
    public const LEAST_MINUTES = 1;
    public const MOST_MINUTES = 120;

    /**
     * @param array<string, int>                         $equipment by Equipment; left out: none, but for ropes, lines and walls
     * @param array<string, int>                         $seconds   parts that the coach made longer or shorter, by Slot; 0: left out
     * @param array<string, array<string, string>>       $pins      codes by participant and Slot
     * @param array<string, array<string, string>>       $kept      the same of the plan that is shown: changed only where it must be
     * @param array<string, array<string, list<string>>> $refused   codes that the coach wants another for
     */
    private function __construct(
        public int $totalS,
        public bool $ofAClass,
        public array $equipment,
        public bool $hardFloor,
        public int $seed,
        public array $seconds,
        public array $pins,
        public array $kept,
        public array $refused,
    ) {
    }

    /**
     * @param array<string, int>                         $equipment
     * @param array<string, int>                         $seconds
     * @param array<string, array<string, string>>       $pins
     * @param array<string, array<string, string>>       $kept
     * @param array<string, array<string, list<string>>> $refused
     *
     * @throws OutOfRange when the minutes, or the seconds of a part, are out of range
     */
    public static function of(
        int $minutes,
        bool $ofAClass = true,
        array $equipment = [],
        bool $hardFloor = false,
        int $seed = 1,
        array $seconds = [],
        array $pins = [],
        array $kept = [],
        array $refused = [],
    ): self {
        if ($minutes < self::LEAST_MINUTES || $minutes > self::MOST_MINUTES) {
            throw OutOfRange::of('minutes', (string) $minutes, \sprintf('from %d to %d', self::LEAST_MINUTES, self::MOST_MINUTES));
        }
        foreach ($seconds as $slot => $one) {
            if ($one < 0 || $one > 60 * $minutes) {
                throw OutOfRange::of('seconds of the '.$slot, (string) $one, \sprintf('from 0 to %d', 60 * $minutes));
            }
        }

        return new self(60 * $minutes, $ofAClass, $equipment, $hardFloor, $seed, $seconds, $pins, $kept, $refused);
    }

    /** Whether there is any; what everybody has or every hall has needs not be said. */
    public function has(Equipment $thing): bool
    {
        return match ($thing) {
            Equipment::Rope, Equipment::Line, Equipment::Wall => true,
            default => ($this->equipment[$thing->value] ?? 0) > 0,
        };
    }

    /**
     * @return array<string, int> what there may be too little of
     */
    public function stock(): array
    {
        return array_diff_key($this->equipment, [Equipment::Rope->value => 0, Equipment::Line->value => 0, Equipment::Wall->value => 0]);
    }
}
