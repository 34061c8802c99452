<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Entries;

use Zumbo\Core\Measure\Verdict;

/**
 * The days of a list, line by line. One that can be read in one way only shows how all the others are meant; an empty cell
 * means the day above it.
 */
final class ListedDays
{
    private readonly ?DayOrder $order;
    private readonly bool $asked;
    private ?\DateTimeImmutable $above = null;

    /**
     * @param list<string>  $cells of the whole column
     * @param DayOrder|null $said  by somebody; null: as the list shows
     */
    public function __construct(array $cells, private readonly \DateTimeImmutable $today, ?DayOrder $said)
    {
        $shown = [];
        $twofold = false;
        foreach ($cells as $cell) {
            $day = DayCell::of($cell, $today);
            $shows = $day->shows($today);
            $shown += null === $shows ? [] : [$shows->value => $shows];
            $twofold = $twofold || \count($day->readings($today)) > 1;
        }
        $settled = 1 === \count($shown) ? array_values($shown)[0] : null;
        $this->order = $said ?? $settled;
        $this->asked = $twofold && null === $settled;
    }

    /** Whether nothing in the list shows if the day or the month comes first. */
    public function isAsked(): bool
    {
        return $this->asked;
    }

    /** @return \DateTimeImmutable|Verdict the day of the next line, or what is wrong with it */
    public function next(string $cell): \DateTimeImmutable|Verdict
    {
        if ('' === $cell && null !== $this->above) {
            return $this->above;
        }
        $day = DayCell::of($cell, $this->today);
        $readings = $day->readings($this->today, $this->order);
        $this->above = 1 === \count($readings) ? $readings[0] : null;

        return match (true) {
            null !== $this->above => $this->above,
            [] !== $readings => Verdict::of('entries.two_days', [
                'one' => $readings[0]->format('j F'),
                'other' => $readings[1]->format('j F'),
            ]),
            $day->isOne() => Verdict::of('entries.to_come'),
            '' === $cell => Verdict::of('entries.no_day'),
            default => Verdict::of('entries.bad_day'),
        };
    }
}
