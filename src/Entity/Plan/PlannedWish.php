<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Zumbo\Core\Plan\Practice\PracticeWish;

/**
 * What a coach asked of a practice, as it is kept.
 *
 * @phpstan-type Codes array<string, array<string, string>>
 * @phpstan-type Main array{code: string, title: string, notation: string, cadence: int, countKind: string, aim: int, sets: int,
 *     cue: string, why: string}
 * @phpstan-type Wish array{minutes: int, hardFloor: bool, seed: int, equipment: array<string, int>, seconds: array<string, int>,
 *     pins: Codes, kept: Codes, refused: array<string, array<string, list<string>>>, mains: array<string, Main>,
 *     habits: list<string>}
 */
final readonly class PlannedWish
{
    public const USUAL_MINUTES = 20;

    /**
     * @param array<string, int>                         $equipment how many, by Equipment
     * @param array<string, int>                         $seconds   of parts that the coach set
     * @param Codes                                      $pins      by athlete id and part
     * @param Codes                                      $kept      what was chosen
     * @param array<string, array<string, list<string>>> $refused
     * @param array<string, Main>                        $mains     the main set of each athlete, as the hall shows it
     * @param list<string>                               $habits    parts whose length stays as it is set, from plan to plan
     */
    public function __construct(
        public int $minutes,
        public bool $hardFloor,
        public int $seed,
        public array $equipment,
        public array $seconds = [],
        public array $pins = [],
        public array $kept = [],
        public array $refused = [],
        public array $mains = [],
        public array $habits = [],
    ) {
    }

    /**
     * @param Wish $row
     */
    public static function read(array $row): self
    {
        return new self(
            $row['minutes'],
            $row['hardFloor'],
            $row['seed'],
            $row['equipment'],
            $row['seconds'],
            $row['pins'],
            $row['kept'],
            $row['refused'],
            $row['mains'],
            $row['habits'],
        );
    }

    /**
     * @return Wish
     */
    public function row(): array
    {
        return [
            'minutes' => $this->minutes,
            'hardFloor' => $this->hardFloor,
            'seed' => $this->seed,
            'equipment' => $this->equipment,
            'seconds' => $this->seconds,
            'pins' => $this->pins,
            'kept' => $this->kept,
            'refused' => $this->refused,
            'mains' => $this->mains,
            'habits' => $this->habits,
        ];
    }

    public function toCore(): PracticeWish
    {
        return PracticeWish::of(
            $this->minutes,
            true,
            $this->equipment,
            $this->hardFloor,
            $this->seed,
            $this->seconds,
            $this->pins,
            $this->kept,
            $this->refused,
        );
    }

    /**
     * @param Codes               $kept
     * @param array<string, Main> $mains
     */
    public function choosing(array $kept, array $mains): self
    {
        return new self(
            $this->minutes,
            $this->hardFloor,
            $this->seed,
            $this->equipment,
            $this->seconds,
            $this->pins,
            $kept,
            $this->refused,
            $mains,
            $this->habits,
        );
    }
}
