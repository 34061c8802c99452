<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rhythm\HeardBeat;

/**
 * The beat over months: a smooth line through the takes, and the day from which it was another, where there is one.
 *
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
     * @param list<float>   $line jumps a minute at each take; none: too few takes
     * @param list<float>   $evenness the same of the variation
     * @param list<Verdict> $said what the picture shows
     */
    private function __construct(public array $line, public array $evenness, public array $said)
    {
    }

    /**
     * @param list<array{day: int, named: string, beat: HeardBeat}> $takes the oldest first: a day counted from any other, and what it
     *                                                                   is called
     * @param string                                                $what  singles or doubles
     */
    public static function of(array $takes, string $what): self
    {
        if ([] === $takes) {
            return new self([], [], [Verdict::of('story.beat_none')]);
        }
        $cadences = array_map(static fn (array $take): float => $take['beat']->cadence, $takes);
        $variations = array_map(static fn (array $take): float => $take['beat']->variation, $takes);
        $said = [Verdict::of('story.beat_now', [
            'takes' => \count($takes),
            'what' => $what,
            'cadence' => (int) round(self::middle(\array_slice($cadences, -self::NOW))),
            'percent' => (int) round(100 * self::middle(\array_slice($variations, -self::NOW))),
        ])];
        if (\count($takes) < self::LEAST) {
            return new self([], [], [...$said, Verdict::of('story.beat_few', ['least' => 2 * ChangePoint::LEAST_SIDE])]);
        }
        $days = array_map(static fn (array $take): float => (float) $take['day'], $takes);
        $named = array_column($takes, 'named');

        return new self(Smoothed::line($days, $cadences), Smoothed::line($days, $variations), [
            ...$said,
            ...self::change(ChangePoint::best($cadences), self::HEARD_CADENCE, 'story.beat_quicker', 'story.beat_slower', 1, $named),
            ...self::change(ChangePoint::best($variations), self::HEARD_VARIATION, 'story.beat_rougher', 'story.beat_evener', 100, $named),
        ]);
    }

    /**
     * @param list<string> $named
     *
     * @return list<Verdict>
     */
    private static function change(?ChangePoint $change, float $heard, string $up, string $down, int $times, array $named): array
    {
        if (null === $change || !$change->stands() || abs($change->after - $change->before) < $heard) {
            return [];
        }

        return [Verdict::of($change->after > $change->before ? $up : $down, [
            'day' => $named[$change->place],
            'before' => (int) round($times * $change->before),
            'after' => (int) round($times * $change->after),
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
