<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Gym;

use Zumbo\Core\Story\StandingOut;

/**
 * How often a cue or a drill helped beside the others.
 */
final readonly class HelpView
{
    private function __construct(
        /** Its words, or the title of the drill. */
        public string $cue,
        public int $goes,
        public int $better,
        /** Drawn towards the others, and between which it lies with 90 %. */
        public float $share,
        public float $low,
        public float $high,
        public bool $standsOut,
    ) {
    }

    /**
     * @param array<string, StandingOut> $all by the words of the cue, or the title of the drill
     *
     * @return list<self> the one that helps most often first
     */
    public static function listOf(array $all): array
    {
        $views = [];
        foreach ($all as $cue => $one) {
            $views[] = new self($cue, $one->count->goes, $one->count->better, $one->share, $one->low, $one->high, $one->standsOut);
        }
        usort($views, static fn (self $a, self $b): int => [$b->share, $a->cue] <=> [$a->share, $b->cue]);

        return $views;
    }
}
