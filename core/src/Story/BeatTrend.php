<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rhythm\HeardBeat;

/**
 * The beat over months: a smooth line through the takes, and the day from which it was another, where there is one.
 *
 * One drill is jumped slower than another, so that the cadence is told as what it is above or below the beat that the drill asks.
 * A change is told where it is more than chance makes (ChangePoint) and as big as a coach would hear: six jumps a minute, or two
 * parts in a hundred of evenness (our assumption).
 */
final readonly class BeatTrend
{
    /** Fewer takes have no line. */
    public const LEAST = 5;

    private const HEARD_CADENCE = 6.0;
    private const HEARD_VARIATION = 0.02;

    /** The last so many say how it is now. */
    private const NOW = 4;

    /**
     * @param array<int, float> $line     jumps a minute above the drill's beat, by take; none: too few takes, or no beat was asked
     * @param list<float>       $evenness the line through the variation
     * @param list<Verdict>     $said     what the picture shows
     */
    private function __construct(public array $line, public array $evenness, public array $said)
    {
    }

    /**
     * @param list<array{day: int, named: string, beat: HeardBeat, asked: float|null}> $takes the oldest first: a day counted from any
     *                                                                                        other, what it is called, and the
     *                                                                                        drill's jumps a minute, where it has any
     * @param string                                                                   $what  singles or doubles
     */
    public static function of(array $takes, string $what): self
    {
        if ([] === $takes) {
            return new self([], [], [Verdict::of('story.beat_none')]);
        }
        $cadences = array_map(static fn (array $take): float => $take['beat']->cadence, $takes);
        $variations = array_map(static fn (array $take): float => $take['beat']->variation, $takes);
        $off = self::off($takes);
        $lately = [] === $off ? 0 : (int) round(self::middle(\array_slice(array_values($off), -self::NOW)));
        $said = [Verdict::of('story.beat_now', [
            'takes' => \count($takes),
            'what' => $what,
            'cadence' => (int) round(self::middle(\array_slice($cadences, -self::NOW))),
            'above' => max(0, $lately),
            'below' => max(0, -$lately),
            'percent' => (int) round(100 * self::middle(\array_slice($variations, -self::NOW))),
        ])];
        if (\count($takes) < self::LEAST) {
            return new self([], [], [...$said, Verdict::of('story.beat_few', ['least' => 2 * ChangePoint::LEAST_SIDE])]);
        }
        $days = array_map(static fn (array $take): float => (float) $take['day'], $takes);
        $named = array_column($takes, 'named');
        $ofOff = array_values(array_intersect_key($named, $off));

        return new self(
            array_combine(array_keys($off), Smoothed::line(array_values(array_intersect_key($days, $off)), array_values($off))),
            Smoothed::line($days, $variations),
            [
                ...$said,
                ...self::change(array_values($off), self::HEARD_CADENCE, 'story.beat_quicker', 'story.beat_slower', 1, $ofOff),
                ...self::change($variations, self::HEARD_VARIATION, 'story.beat_rougher', 'story.beat_evener', 100, $named),
            ],
        );
    }

    /**
     * @param list<array{beat: HeardBeat, asked: float|null}> $takes
     *
     * @return array<int, float> jumps a minute above what the drill asks, by take
     */
    private static function off(array $takes): array
    {
        $off = [];
        foreach ($takes as $i => ['beat' => $beat, 'asked' => $asked]) {
            if (null !== $asked) {
                $off[$i] = $beat->cadence - $asked;
            }
        }

        return $off;
    }

    /**
     * @param list<float>  $values
     * @param list<string> $named
     *
     * @return list<Verdict>
     */
    private static function change(array $values, float $heard, string $up, string $down, int $times, array $named): array
    {
        $change = ChangePoint::best($values);
        if (null === $change || !$change->stands() || abs($change->after - $change->before) < $heard) {
            return [];
        }

        return [Verdict::of($change->after > $change->before ? $up : $down, [
            'day' => $named[$change->place],
            'before' => (int) round($times * $change->before),
            'after' => (int) round($times * $change->after),
            'by' => (int) round($times * abs($change->after - $change->before)),
        ])];
    }

    /**
     * @param list<float> $values
     */
    private static function middle(array $values): float
    {
        sort($values);
        $count = \count($values);

        return ($values[intdiv($count - 1, 2)] + $values[intdiv($count, 2)]) / 2;
    }
}
