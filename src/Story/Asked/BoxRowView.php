<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Asked;

use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * A line of an answer.
 */
final readonly class BoxRowView
{
    private function __construct(
        /** Of an athlete; null: a cue. */
        public ?string $id,
        public string $name,
        public string $said,
        /** How long its bar is, from 0 on. */
        public float $value,
    ) {
    }

    public static function of(BoxRow $row, LengthUnit $unit): self
    {
        $said = $row->said instanceof Verdict ? MessageCatalogue::in($unit)->sentence($row->said) : $row->said;

        return new self($row->id, $row->name, $said, $row->value);
    }
}
