<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Sheet;

use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * A list that can't even be looked at.
 */
final class SheetRefused extends \RuntimeException implements Refusal
{
    private function __construct(private readonly Problem $problem)
    {
        parent::__construct($problem->detail);
    }

    public static function because(int $status, string $title, string $sentence): self
    {
        return new self(Problem::of($status, $title, $sentence));
    }

    public function problem(): Problem
    {
        return $this->problem;
    }
}
