<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * A file that is not even looked into.
 */
final class UploadRefused extends \RuntimeException implements Refusal
{
    private function __construct(private readonly Problem $problem)
    {
        parent::__construct($problem->detail);
    }

    public static function because(Problem $problem): self
    {
        return new self($problem);
    }

    public static function empty(): self
    {
        return self::because(Problem::of(422, 'Bad input', 'The file is empty: choose one with rows.'));
    }

    public function problem(): Problem
    {
        return $this->problem;
    }
}
