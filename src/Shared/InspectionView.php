<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\App\Entity\Ropes\Inspection;
use Zumbo\Core\Gear\InspectionPoint;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * What the last look at a rope found.
 */
final readonly class InspectionView
{
    /**
     * @param list<InspectionPoint> $failed
     * @param list<string>          $found  the same in words
     */
    private function __construct(
        /** Local day, like 2026-11-24; null: nobody has looked yet. */
        public ?string $on,
        /** Nothing is known against it. */
        public bool $safe,
        public array $failed,
        public array $found,
    ) {
    }

    public static function of(Inspection $inspection): self
    {
        return new self(
            $inspection->on?->format('Y-m-d'),
            $inspection->isSafe(),
            $inspection->failed(),
            array_map(
                static fn (InspectionPoint $point): string => MessageCatalogue::name(Term::of($point)->as('failed-point')),
                $inspection->failed(),
            ),
        );
    }
}
