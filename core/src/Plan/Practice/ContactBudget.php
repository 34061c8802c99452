<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

/**
 * How the contacts that an athlete has left today are shared out over the parts of a practice. What one part does not need goes
 * to the main set. The shares are our assumption.
 */
final class ContactBudget
{
    /** On a floor that does not give, and after a day that was stopped (our assumption). */
    public const HARD_FLOOR = 0.75;
    public const LIGHTER = 0.6;

    private const SHARES = ['warm-up' => 0.15, 'focus' => 0.25, 'finish' => 0.15];

    private int $spent = 0;

    private function __construct(public readonly int $all)
    {
    }

    public static function of(Participant $athlete, bool $hardFloor): self
    {
        $share = ($hardFloor ? self::HARD_FLOOR : 1.0) * ($athlete->lighter ? self::LIGHTER : 1.0);

        return new self((int) floor($share * $athlete->allowance->contactsLeftToday));
    }

    public function for(Slot $slot): int
    {
        $left = $this->all - $this->spent;

        return isset(self::SHARES[$slot->value]) ? min($left, (int) floor(self::SHARES[$slot->value] * $this->all)) : $left;
    }

    public function spend(int $contacts): void
    {
        $this->spent += $contacts;
    }
}
