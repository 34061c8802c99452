<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Trail;

/**
 * A page of the trail.
 */
final readonly class TrailView
{
    public function __construct(
        /** @var list<TrailLineView> the newest first */
        public array $lines,
        /** What to ask for with `before`, for what came before these; null: nothing did. */
        public ?string $next,
    ) {
    }
}
