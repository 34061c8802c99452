<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Ways;

use Zumbo\App\Entity\Gym\Gym;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Sets\LadderFamily;

/**
 * How a gym teaches, and what follows for screens that belong to no athlete.
 */
final readonly class GymWaysView
{
    /**
     * @param list<WayView> $ways
     */
    private function __construct(
        public array $ways,
        /** A pattern to begin with, as the notation writes it. */
        public string $usualPattern,
        /** @var list<LadderFamily> those that its method climbs */
        public array $ladders,
        public int $version,
    ) {
    }

    public static function of(Gym $gym): self
    {
        $chosen = $gym->ways()->answers;
        $ways = Ways::of($chosen);

        return new self(
            WayView::all($ways, $chosen),
            $ways->method->usualPattern(),
            LadderFamily::jumpedBy($ways->method),
            $gym->version(),
        );
    }
}
