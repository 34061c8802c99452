<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack;

use Zumbo\App\Entity\Ropes\RackRope;
use Zumbo\App\Shared\InspectionView;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Gear\LookOver;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * A shared rope on the rack.
 */
final readonly class RackRopeView
{
    private function __construct(
        public string $id,
        public string $tag,
        public float $cableLengthM,
        public float $handleLengthM,
        public CableFamily $family,
        public string $familyName,
        /** Not given out, except by a pin. */
        public bool $keptBack,
        public InspectionView $inspection,
        /** Today is the day of its next look, or past it. */
        public bool $lookDue,
        public bool $removed,
        public int $version,
    ) {
    }

    /** @param \DateTimeImmutable $today the gym's local day */
    public static function of(RackRope $rope, \DateTimeImmutable $today): self
    {
        return new self(
            $rope->id()->toRfc4122(),
            $rope->tag(),
            $rope->cableLengthM(),
            $rope->handleLengthM(),
            $rope->family(),
            MessageCatalogue::name(Term::of($rope->family())),
            $rope->isKeptBack(),
            InspectionView::ofShared($rope->inspection()),
            LookOver::ofShared($rope->inspection()->on)->isDue($today),
            $rope->isRemoved(),
            $rope->version(),
        );
    }
}
