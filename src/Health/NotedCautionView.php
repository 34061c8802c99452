<?php

declare(strict_types=1);

namespace Zumbo\App\Health;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Entity\Health\NotedCaution;
use Zumbo\App\Entity\Health\StatedBy;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Body\Clearance;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * Something that was noted of an athlete's health, with its history.
 */
final readonly class NotedCautionView
{
    private function __construct(
        public string $id,
        public string $athleteId,
        public Caution $caution,
        public string $name,
        public ?BodyPart $place,
        public ?string $placeName,
        public ?int $degree,
        /** Null for helpers: health notes are for coaches. */
        public ?string $note,
        public ?string $until,
        public string $notedOn,
        public string $notedBy,
        /** It still binds. */
        public bool $standing,
        /** A coach's word lifts it; else only a statement does. */
        public bool $coachMayClear,
        /** A guardian has to make the statement. */
        public bool $guardianStates,
        public ?Clearance $liftedBy,
        public ?string $liftedOn,
        public string $liftedWith,
        public ?string $words,
        public string $professional,
        public ?string $professionalOn,
        public ?StatedBy $statedBy,
        public int $version,
    ) {
    }

    public static function of(
        NotedCaution $noted,
        bool $standing,
        bool $coachMayClear,
        bool $minor,
        Role $reader,
    ): self {
        $lifting = $noted->lifting();
        $place = $noted->place();

        return new self(
            $noted->id()->toRfc4122(),
            $noted->athleteId()->toRfc4122(),
            $noted->caution(),
            MessageCatalogue::name(Term::of($noted->caution())),
            $place,
            null === $place ? null : MessageCatalogue::name(Term::of($place)),
            $noted->degree(),
            $reader->mayReadHealthNotes() ? $noted->note() : null,
            $noted->untilOn()?->format('Y-m-d'),
            $noted->notedOn()->format('Y-m-d'),
            $noted->notedBy(),
            $standing,
            $coachMayClear,
            $minor,
            $lifting->by(),
            $lifting->on?->format('Y-m-d'),
            $lifting->with,
            $reader->mayReadHealthNotes() ? $lifting->words : null,
            $lifting->professional,
            $lifting->professionalOn?->format('Y-m-d'),
            $lifting->statedBy,
            $noted->version(),
        );
    }
}
