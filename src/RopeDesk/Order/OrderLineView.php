<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Order;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * One thing to order, for whom, and why.
 */
final readonly class OrderLineView
{
    private function __construct(
        public OrderedThing $what,
        /** An athlete's name, or the tag of a shared rope. */
        public string $for,
        /** Of cable; null: open until the handles are known. */
        public ?float $cableLengthM,
        /** Handles included; null: not asked for. */
        public ?float $overallLengthM,
        public ?string $familyName,
        public SentenceView $why,
        /** What goes with that cable; null: nothing. */
        public ?SentenceView $care,
    ) {
    }

    public static function of(
        OrderedThing $what,
        string $for,
        ?float $cableM,
        ?float $overallM,
        ?CableFamily $family,
        SentenceView $why,
    ): self {
        return new self(
            $what,
            $for,
            $cableM,
            $overallM,
            null === $family ? null : MessageCatalogue::name(Term::of($family)),
            $why,
            CableFamily::ThinWire === $family
                ? SentenceView::of(Verdict::of('order.covered_shins'), LengthUnit::Centimetre)
                : null,
        );
    }
}
