<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Check;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Gear\InspectionPoint;
use Zumbo\Core\Measure\LengthUnit;

/**
 * One thing to look at: what to do, and what must be seen.
 */
final readonly class InspectionPointView
{
    private function __construct(public InspectionPoint $code, public string $sentence)
    {
    }

    /**
     * @return list<self>
     */
    public static function all(): array
    {
        return array_map(
            static fn (InspectionPoint $point): self => new self(
                $point,
                SentenceView::of($point->howTo(), LengthUnit::Centimetre)->sentence,
            ),
            InspectionPoint::cases(),
        );
    }
}
