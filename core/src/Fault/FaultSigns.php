<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Fault\Table\SignsOfHands;
use Zumbo\Core\Fault\Table\SignsOfJumps;
use Zumbo\Core\Fault\Table\SignsOfTheRest;

/**
 * How often each sign comes with each fault, and why: the fault itself as it is seen, and what follows from it.
 */
final class FaultSigns
{
    /** code of the fault → [sign, how often, reason] */
    private const ROWS = SignsOfHands::ROWS + SignsOfJumps::ROWS + SignsOfTheRest::ROWS;

    /**
     * @param key-of<self::ROWS> $fault
     *
     * @return non-empty-list<Evidence>
     */
    public static function of(string $fault): array
    {
        return array_map(static fn (array $row): Evidence => new Evidence(...$row), self::ROWS[$fault]);
    }
}
