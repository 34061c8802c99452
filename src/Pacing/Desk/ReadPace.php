<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Pacing\Desk\Jumper;

/**
 * An athlete as the records know them.
 */
final readonly class ReadPace
{
    public function __construct(
        public Jumper $jumper,
        public CostsView $costs,
        /** Where the chance of a miss is taken from. */
        public Verdict $source,
    ) {
    }
}
