<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\App\Entity\Ropes\Inspection;
use Zumbo\Core\Gear\InspectionPoint;
use Zumbo\Core\Gear\LookOver;
use Zumbo\Core\Measure\LengthUnit;
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
        /** Local day of the next look; null: at once. */
        public ?string $nextOn,
        /** When it was looked over and when it is next, as a sentence. */
        public SentenceView $lookOver,
    ) {
    }

    public static function ofOwn(Inspection $inspection): self
    {
        return self::of($inspection, LookOver::ofOwn($inspection->on));
    }

    public static function ofShared(Inspection $inspection): self
    {
        return self::of($inspection, LookOver::ofShared($inspection->on));
    }

    private static function of(Inspection $inspection, LookOver $lookOver): self
    {
        return new self(
            $inspection->on?->format('Y-m-d'),
            $inspection->isSafe(),
            $inspection->failed(),
            array_map(
                static fn (InspectionPoint $point): string => MessageCatalogue::name(Term::of($point)->as('failed-point')),
                $inspection->failed(),
            ),
            $lookOver->nextOn?->format('Y-m-d'),
            SentenceView::of($lookOver->verdict(), LengthUnit::Centimetre),
        );
    }
}
