<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Sheet;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Roster\LineFault;

/**
 * A line that needs a look, and what would be right.
 */
final readonly class LineFaultView
{
    private function __construct(public int $line, public string $field, public string $value, public string $sentence)
    {
    }

    public static function of(LineFault $fault, LengthUnit $unit): self
    {
        return new self($fault->line, $fault->field, $fault->value, SentenceView::of($fault->says, $unit)->sentence);
    }
}
