<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Workout;

/**
 * Rounds of the same stations, with the same counts or, up or down a ladder, with those of each round.
 */
final readonly class WorkoutBlock
{
    /**
     * @param list<Station>            $stations of a round; on a ladder a count of 0 is the one of the rung
     * @param int<1, max>              $times
     * @param non-empty-list<int>|null $ladder   the counts; null: none
     * @param list<float|null>         $each     seconds of one rep of a station, where it was given so
     */
    public function __construct(public array $stations, public int $times, public ?array $ladder, public array $each)
    {
    }

    /**
     * @return non-empty-list<list<Station>> round by round
     */
    public function rounds(): array
    {
        if (null === $this->ladder) {
            return array_fill(0, $this->times, $this->stations);
        }

        return array_map(
            fn (int $count): array => array_map(
                static fn (Station $one, ?float $each): Station => self::onRung($one, $each, $count),
                $this->stations,
                $this->each,
            ),
            $this->ladder,
        );
    }

    private static function onRung(Station $one, ?float $each, int $count): Station
    {
        return match (true) {
            $one->reps > 0 => $one,
            $one->isDoubles() => Station::doubles($count),
            StationKind::Singles === $one->kind => Station::singles($count),
            StationKind::Work === $one->kind && null !== $each => Station::work($one->name, $count, $each * $count, $one->tires),
            default => $one,
        };
    }
}
