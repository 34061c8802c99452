<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Drill\Drill;

/**
 * One thing of a warm-up or a cool-down, and how long.
 */
final readonly class WarmUpItem
{
    private function __construct(public string $code, public string $title, public int $seconds, public int $contacts)
    {
    }

    public static function of(Drill $drill, int $seconds, int $contacts): self
    {
        return new self($drill->code, $drill->title, $seconds, $contacts);
    }

    /** Where nothing else spares what is sore. */
    public static function rest(int $seconds): self
    {
        return new self(Candidate::REST, Candidate::RESTING, $seconds, 0);
    }
}
