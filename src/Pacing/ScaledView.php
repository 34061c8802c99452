<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing;

use Zumbo\Core\Pacing\ScaledWork;
use Zumbo\Core\Pacing\Scaling;

/**
 * One way of scaling, for the whole workout.
 */
final readonly class ScaledView
{
    private function __construct(
        public Scaling $scaling,
        public float $expectedS,
        public int $doubles,
        public int $singles,
        public int $contacts,
        public bool $recommended,
    ) {
    }

    public static function of(ScaledWork $way, bool $recommended): self
    {
        return new self($way->scaling, $way->expectedS, $way->doubles, $way->singles, $way->contacts(), $recommended);
    }
}
