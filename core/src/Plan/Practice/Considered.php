<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

/**
 * What there is to choose from for one athlete in one part, and what was left out beforehand.
 */
final readonly class Considered
{
    /**
     * @param list<Candidate> $candidates
     * @param list<LeftOut>   $leftOut
     */
    public function __construct(public array $candidates, public array $leftOut)
    {
    }

    public function named(?string $code): ?Candidate
    {
        foreach ($this->candidates as $candidate) {
            if ($candidate->code === $code) {
                return $candidate;
            }
        }

        return null;
    }
}
