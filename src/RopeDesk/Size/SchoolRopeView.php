<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\Reading;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolRope;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Rope\UnhandledRope;

/**
 * What one school gives, with the stance and the reading it means.
 */
final readonly class SchoolRopeView
{
    private function __construct(
        public School $school,
        public string $schoolName,
        public Reading $reading,
        public string $readingName,
        public Stance $stance,
        public string $stanceName,
        /** Null, like what follows: open until the handles are known. */
        public ?float $cableLengthM,
        public ?float $overallLengthM,
        public ?float $cutLengthM,
        public float $uncertaintyM,
        /** Where the ends should reach above the floor; null for the rule of height. */
        public ?float $reachM,
        /** Whether that height was taped, not estimated. */
        public bool $taped,
        /** More arc than the hands' height: positive drags, negative can't pass. */
        public ?float $spareArcM,
    ) {
    }

    public static function of(SchoolRope $rope): self
    {
        return new self(
            $rope->school,
            MessageCatalogue::name(Term::of($rope->school)),
            $rope->reading,
            MessageCatalogue::name(Term::of($rope->reading)),
            $rope->stance,
            MessageCatalogue::name(Term::of($rope->stance)),
            $rope->cable->metres(),
            $rope->overall->metres(),
            $rope->cut->metres(),
            $rope->uncertainty->metres(),
            $rope->reach?->height->metres(),
            true === $rope->reach?->taped,
            $rope->spareArc()->metres(),
        );
    }

    /** Of handles that nobody knows. */
    public static function open(UnhandledRope $rope): self
    {
        return new self(
            $rope->school,
            MessageCatalogue::name(Term::of($rope->school)),
            $rope->reading,
            MessageCatalogue::name(Term::of($rope->reading)),
            $rope->stance,
            MessageCatalogue::name(Term::of($rope->stance)),
            $rope->cable?->metres(),
            $rope->overall?->metres(),
            null,
            $rope->uncertainty->metres(),
            $rope->reach?->height->metres(),
            true === $rope->reach?->taped,
            null,
        );
    }
}
