<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

/**
 * Puts sizes into bins that need not be equal, all in whole steps: each size into the fullest bin that takes it; where
 * that fails every other way, as long as the search may last.
 */
final class Filling
{
    /** Steps of one search before it gives up: about a tenth of a second. */
    private const MOST_STEPS = 20_000;

    /** Steps of all searches for one plan; after them each only takes the first way there is. */
    private const MOST_IN_ALL = 300_000;

    private int $steps = 0;
    private int $most = 0;
    private int $inAll = 0;

    /** @var array<string, true> rooms into which what was left did not go */
    private array $failed = [];

    /** @var list<int> of each size and all after it, together */
    private readonly array $left;

    /**
     * @param list<int> $sizes descending
     */
    public function __construct(private readonly array $sizes)
    {
        $left = [];
        $sum = 0;
        foreach (array_reverse($sizes) as $size) {
            $left[] = $sum += $size;
        }
        $this->left = array_reverse($left);
    }

    /**
     * @param list<int> $rooms of the bins
     *
     * @return list<int>|null the bin of each size; null: they don't fit, or the search gave up
     */
    public function into(array $rooms): ?array
    {
        $this->steps = 0;
        $this->failed = [];
        $this->most = max(\count($this->sizes) + 1, min(self::MOST_STEPS, self::MOST_IN_ALL - $this->inAll));
        $fill = array_sum($this->sizes) > array_sum($rooms) ? null : $this->place(0, $rooms);
        $this->inAll += $this->steps;

        return $fill;
    }

    /** Whether the last search tried every way. */
    public function tookAll(): bool
    {
        return $this->steps < $this->most;
    }

    /** Whether the searches have taken as long as they may. */
    public function isSpent(): bool
    {
        return $this->inAll >= self::MOST_IN_ALL;
    }

    /**
     * @param list<int> $fill the bin of each size
     *
     * @return array<int, int> what each bin holds, the fullest first
     */
    public function held(array $fill): array
    {
        $held = [];
        foreach ($fill as $i => $bin) {
            $held[$bin] = ($held[$bin] ?? 0) + $this->sizes[$i];
        }
        arsort($held);

        return $held;
    }

    /**
     * @param array<int, int> $rooms
     *
     * @return list<int>|null
     */
    private function place(int $at, array $rooms): ?array
    {
        if ($at === \count($this->sizes)) {
            return [];
        }
        // Into a bin with less room than the shortest nothing goes any more, and into none more than so many of it.
        $shortest = $this->sizes[\count($this->sizes) - 1];
        $sorted = array_filter($rooms, static fn (int $room): bool => $room >= $shortest);
        $most = array_sum(array_map(static fn (int $room): int => intdiv($room, $shortest), $sorted));
        if (array_sum($sorted) < $this->left[$at] || $most < \count($this->sizes) - $at) {
            return null;
        }
        asort($sorted);
        $key = $at.':'.implode(' ', $sorted);
        if (isset($this->failed[$key]) || ++$this->steps >= $this->most) {
            return null;
        }
        $tried = null;
        foreach ($sorted as $bin => $room) {
            // Two bins with the same room are one choice.
            if ($room < $this->sizes[$at] || $room === $tried) {
                continue;
            }
            $tried = $room;
            $with = $rooms;
            $with[$bin] -= $this->sizes[$at];
            $rest = $this->place($at + 1, $with);
            if (null !== $rest) {
                return [$bin, ...$rest];
            }
        }
        $this->failed[$key] = true;

        return null;
    }
}
