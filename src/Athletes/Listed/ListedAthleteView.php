<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Listed;

use Zumbo\Core\Roster\Athletes\ListedAthlete;
use Zumbo\Core\Stage\Experience;

/**
 * Somebody of the list who can come in.
 */
final readonly class ListedAthleteView
{
    private function __construct(
        public int $line,
        public string $name,
        public float $heightM,
        public ?int $birthYear,
        public ?string $hand,
        public ?Experience $experience,
    ) {
    }

    public static function of(ListedAthlete $one): self
    {
        return new self($one->line, $one->name, $one->height->metres(), $one->birthYear, $one->hand, $one->experience);
    }
}
