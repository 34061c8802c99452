<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Shared\InspectionView;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\Stance;

/**
 * A rope that was kept for an athlete.
 */
final readonly class RopeView
{
    private function __construct(
        public string $id,
        public string $athleteId,
        public float $cableLengthM,
        public float $handleLengthM,
        public CableFamily $family,
        public string $familyName,
        public School $school,
        public string $schoolName,
        public Stance $stance,
        public string $stanceName,
        public float $computedCableM,
        /** Empty when the computed length was kept. */
        public string $overrideReason,
        /** One of the gym's own cables; null: one of the family. */
        public ?string $cableId,
        /** Local day; null: the tails are whole, it can still be let out. */
        public ?string $tailsCutOn,
        public InspectionView $inspection,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(Rope $rope): self
    {
        $spec = $rope->spec();

        return new self(
            $rope->id()->toRfc4122(),
            $rope->athleteId()->toRfc4122(),
            $spec->cableLengthM,
            $spec->handleLengthM,
            $spec->family,
            MessageCatalogue::name(Term::of($spec->family)),
            $spec->school,
            MessageCatalogue::name(Term::of($spec->school)),
            $spec->stance,
            MessageCatalogue::name(Term::of($spec->stance)),
            $spec->computedCableM,
            $spec->overrideReason,
            $spec->cableId?->toRfc4122(),
            $rope->tailsCutOn()?->format('Y-m-d'),
            InspectionView::ofOwn($rope->inspection()),
            $rope->isRemoved(),
            $rope->version(),
        );
    }
}
