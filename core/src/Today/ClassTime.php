<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

/**
 * A class that comes every week.
 */
final readonly class ClassTime
{
    private const DAYS = [1 => 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

    /**
     * @param int $weekday 1 Monday to 7 Sunday
     * @param int $minute  of the day, 0 to 1439
     */
    public function __construct(public int $weekday, public int $minute, public string $name)
    {
    }

    /** "18:30". */
    public function clock(): string
    {
        return \sprintf('%02d:%02d', intdiv($this->minute, 60), $this->minute % 60);
    }

    /** "Tue 18:30 Evening class": as ClassTimes reads it. */
    public function written(): string
    {
        return trim(\sprintf('%s %s %s', self::DAYS[$this->weekday], $this->clock(), $this->name));
    }
}
