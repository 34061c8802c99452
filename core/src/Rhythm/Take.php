<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

use Zumbo\Core\Measure\OutOfRange;

/**
 * What was heard, tapped or sensed: when the rope met the floor and when the feet did, in seconds.
 */
final readonly class Take
{
    /** An hour and a half of the fastest jumping. */
    private const MOST_EVENTS = 20_000;

    /**
     * @param list<float> $turnsS
     * @param list<float> $landingsS
     */
    private function __construct(public array $turnsS, public array $landingsS)
    {
    }

    /**
     * @param list<float> $turnsS    ascending
     * @param list<float> $landingsS ascending
     *
     * @throws OutOfRange when a list is not ascending, a time is negative or not finite, or there are more than 20,000
     */
    public static function of(array $turnsS, array $landingsS): self
    {
        foreach (['turns' => $turnsS, 'landings' => $landingsS] as $name => $times) {
            if (\count($times) > self::MOST_EVENTS) {
                throw OutOfRange::of($name, (string) \count($times), 'at most '.self::MOST_EVENTS.' events');
            }
            $before = -1.0;
            foreach ($times as $i => $at) {
                if (!is_finite($at) || $at < 0 || $at <= $before) {
                    throw OutOfRange::of(
                        $name.'['.$i.']',
                        \sprintf('%.6g s', $at),
                        'seconds from 0, each later than the one before',
                    );
                }
                $before = $at;
            }
        }

        return new self($turnsS, $landingsS);
    }

    /**
     * What happened after a moment, up to another.
     *
     * @param float $afterS seconds, itself left out
     * @param float $untilS seconds, itself with it
     */
    public function part(float $afterS, float $untilS): self
    {
        $inside = static fn (float $at): bool => $at > $afterS && $at <= $untilS;

        return new self(
            array_values(array_filter($this->turnsS, $inside)),
            array_values(array_filter($this->landingsS, $inside)),
        );
    }

    /**
     * The passes of each jump: turns after one landing, up to the next.
     *
     * @return list<int>
     */
    public function passes(): array
    {
        $passes = [];
        $turn = 0;
        $turns = \count($this->turnsS);
        foreach ($this->landingsS as $i => $landing) {
            $before = $turn;
            while ($turn < $turns && $this->turnsS[$turn] <= $landing) {
                ++$turn;
            }
            if ($i > 0) {
                $passes[] = $turn - $before;
            }
        }

        return $passes;
    }

    /**
     * The same without some landings: two landings on one turn are one jump to the beat.
     *
     * @param list<int> $places of the landings that go
     */
    public function withoutLandings(array $places): self
    {
        return new self($this->turnsS, array_values(array_diff_key($this->landingsS, array_flip($places))));
    }

    /**
     * @return list<float> from landing to landing, seconds
     */
    public function intervals(): array
    {
        $intervals = [];
        foreach ($this->landingsS as $i => $landing) {
            if ($i > 0) {
                $intervals[] = $landing - $this->landingsS[$i - 1];
            }
        }

        return $intervals;
    }
}
