<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice\Asked;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Drill\Equipment;

/**
 * How many there are of something.
 */
final readonly class EquipmentInput
{
    public function __construct(public Equipment $thing, #[Assert\Range(min: 0, max: 200)] public int $count)
    {
    }

    /**
     * @param list<self> $things
     *
     * @return array<string, int>
     */
    public static function counts(array $things): array
    {
        $counts = [];
        foreach ($things as $one) {
            $counts[$one->thing->value] = $one->count;
        }

        return $counts;
    }
}
