<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\SchoolRope;
use Zumbo\Core\Rope\UnhandledRope;

/**
 * The rope that is sized for somebody who has none yet.
 */
final readonly class FirstRopeView
{
    private function __construct(
        public string $athleteId,
        public string $name,
        public float $heightM,
        public string $schoolName,
        public string $stanceName,
        /** Handle end to handle end; null: this school's reading hangs on the handles. */
        public ?float $overallM,
        /** Null: the handles are not known. */
        public ?float $cableM,
        public string $familyName,
    ) {
    }

    public static function of(Judged $one, ?SchoolRope $rope, UnhandledRope $open): self
    {
        $name = static fn (\BackedEnum $word): string => MessageCatalogue::name(Term::of($word));

        return new self(
            $one->athlete->id()->toRfc4122(),
            $one->athlete->profile()->name,
            $one->athlete->profile()->statureM,
            $name($open->school),
            $name($rope->stance ?? $open->stance),
            $rope?->overall->metres() ?? $open->overall?->metres(),
            $rope?->cable->metres(),
            $name($one->today->cable->recommended),
        );
    }
}
