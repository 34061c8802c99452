<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

use Zumbo\Core\Rhythm\Pattern;

/**
 * What a coach words anew in a drill, or says of one of their own.
 */
final readonly class DrillWords
{
    public const LEAST_CADENCE = 40;
    public const MOST_CADENCE = 200;
    public const MOST_AIM = 1_000;
    public const MOST_SETS = 20;

    public function __construct(
        public string $title,
        public Pattern $pattern,
        /** Jumps a minute. */
        public int $cadence,
        public CountKind $countKind,
        public int $aim,
        public int $sets,
        public string $cue,
        public string $why,
        public string $how,
    ) {
    }
}
