<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Ways;

use Zumbo\App\Entity\Gym\Gym;
use Zumbo\Core\Method\Ways;

/**
 * How a gym teaches.
 */
final readonly class GymWaysView
{
    /**
     * @param list<TaughtWayView> $ways
     */
    private function __construct(
        public array $ways,
        public int $version,
    ) {
    }

    public static function of(Gym $gym): self
    {
        $chosen = $gym->ways()->answers;
        $ways = Ways::of($chosen);

        return new self(
            TaughtWayView::all($ways, $chosen),
            $gym->version(),
        );
    }
}
