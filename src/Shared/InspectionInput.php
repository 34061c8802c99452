<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Gear\InspectionPoint;

/**
 * What a look at a rope found.
 */
final readonly class InspectionInput
{
    /**
     * @param list<string> $failed empty: it passed
     */
    public function __construct(
        #[OneOf(InspectionPoint::class, multiple: true)] #[Assert\Unique] public array $failed,
    ) {
    }

    /**
     * @return list<InspectionPoint>
     */
    public function points(): array
    {
        return array_map(InspectionPoint::from(...), $this->failed);
    }
}
