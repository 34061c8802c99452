<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Drills;

use Zumbo\App\Shared\BeatView;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rhythm\PatternTiming;
use Zumbo\Core\Stage\Stage;

/**
 * A drill with all that a coach reads of it.
 */
final readonly class LibraryDrillView
{
    /** As many beats as its strip draws, and one by which it knows that there are more. */
    private const DRAWN = 25;

    /**
     * @param list<Stage>    $stages
     * @param list<string>   $needs  in words
     * @param list<string>   $fixes  faults in words
     * @param list<string>   $loads  parts of the body in words; empty: eyes and ears only
     * @param list<BeatView> $beats  of the beginning of its pattern
     */
    private function __construct(
        public string $code,
        public DrillFamily $family,
        public string $familyTitle,
        public array $stages,
        public string $title,
        public string $text,
        public string $notation,
        public int $cadencePerMin,
        public CountKind $countKind,
        public int $aim,
        public int $sets,
        public string $dose,
        public string $cue,
        public string $why,
        public string $how,
        public string $watch,
        public string $mistake,
        public array $needs,
        public array $fixes,
        public array $loads,
        public float $contactsPerMin,
        public string $caution,
        public ?NeighbourView $easier,
        public ?NeighbourView $harder,
        public array $beats,
        /** The gym does without it. */
        public bool $hidden,
        /** The gym's row about it: its own drill or copy, or that it is hidden; null: as in the library. */
        public ?string $ownId,
        public ?int $ownVersion,
    ) {
    }

    public static function of(Drill $drill, bool $hidden, ?string $ownId, ?int $ownVersion): self
    {
        $notes = $drill->notes;

        return new self(
            $drill->code,
            $drill->family,
            $drill->family->title(),
            $drill->stages,
            $drill->title,
            $drill->pattern->text(),
            $drill->pattern->notation(),
            $drill->cadence,
            $drill->countKind,
            $drill->aim,
            $drill->sets,
            $drill->dose(),
            $drill->cue,
            $drill->why,
            $notes->how,
            $notes->watch,
            $notes->mistake,
            array_map(static fn (Equipment $one): string => $one->text(), $notes->needs),
            array_map(static fn (string $fault): string => MessageCatalogue::name(Term::named('fault', $fault)), $notes->fixes),
            array_map(static fn (BodyPart $part): string => MessageCatalogue::name(Term::of($part)), $drill->loads()),
            $drill->contactsPerMinute(),
            $notes->caution,
            self::neighbour($notes->easier),
            self::neighbour($notes->harder),
            array_map(BeatView::of(...), \array_slice(
                PatternTiming::of($drill->pattern, Rate::perMinute((float) $drill->cadence)),
                0,
                self::DRAWN,
            )),
            $hidden,
            $ownId,
            $ownVersion,
        );
    }

    private static function neighbour(?string $code): ?NeighbourView
    {
        return null === $code ? null : new NeighbourView($code, DrillTable::named($code)->title);
    }
}
