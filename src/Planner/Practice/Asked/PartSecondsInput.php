<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice\Asked;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Plan\Practice\Slot;

/**
 * How long a part is; 0: it is left out.
 */
final readonly class PartSecondsInput
{
    public function __construct(public Slot $part, #[Assert\Range(min: 0, max: 7200)] public int $seconds)
    {
    }

    /**
     * @param list<self> $parts
     *
     * @return array<string, int>
     */
    public static function bySlot(array $parts): array
    {
        $seconds = [];
        foreach ($parts as $part) {
            $seconds[$part->part->value] = $part->seconds;
        }

        return $seconds;
    }
}
