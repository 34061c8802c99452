<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Asked;

use Zumbo\App\Story\Gym\GymRow;
use Zumbo\Core\Measure\Verdict;

/**
 * Somebody, or something, in an answer.
 */
final readonly class BoxRow
{
    public function __construct(
        /** Null: no athlete. */
        public ?string $id,
        public string $name,
        /** Why it is there. */
        public Verdict|string $said,
        /** How long its bar is, from 0 on. */
        public float $value,
    ) {
    }

    public static function of(GymRow $row, Verdict|string $said, float $value): self
    {
        return new self($row->id(), $row->name(), $said, $value);
    }
}
