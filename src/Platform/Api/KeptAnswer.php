<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Api;

/**
 * An answer with what it was made of, and how long that took.
 */
final readonly class KeptAnswer
{
    /** Later than this nobody is served what was before. */
    private const FRESH_S = 2.0;

    public function __construct(
        /** Of what it was made of. */
        public string $tag,
        /** JSON. */
        public string $body,
        /** Unix time. */
        private float $madeAt,
        private float $tookS,
    ) {
    }

    public function isFresh(float $now): bool
    {
        return $now - $this->madeAt < self::FRESH_S;
    }

    /** Half as long as it took nothing is worked out again: two thirds of a core at most go into it. */
    public function rests(float $now): bool
    {
        return $now - $this->madeAt < $this->tookS / 2;
    }
}
