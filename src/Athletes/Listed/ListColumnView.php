<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Listed;

use Zumbo\Core\Roster\Athletes\AthleteColumn;

/**
 * A column of the list: what stands in it, and what it is taken for.
 */
final readonly class ListColumnView
{
    public function __construct(
        /** From 0. */
        public int $column,
        public string $heading,
        /** @var list<string> the first cells below */
        public array $sample,
        /** Null: it is not read. */
        public ?AthleteColumn $meaning,
    ) {
    }
}
