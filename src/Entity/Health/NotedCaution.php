<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Health;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Body\Clearance;
use Zumbo\Core\Body\HealthNote;

/**
 * Something that was noted of an athlete's health, by whom, and whose word lifted it. It can't be removed and nothing
 * in it can be changed: it stands until it is lifted, and stays in the history after that.
 */
#[ORM\Entity]
#[ORM\Table(name: 'noted_caution')]
#[ORM\Index(name: 'noted_caution_athlete', columns: ['gym_id', 'athlete_id', 'noted_at'])]
class NotedCaution implements BelongsToGym, VersionedRow, Trailed
{
    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Embedded(class: Lifting::class, columnPrefix: false)]
    private Lifting $lifting;

    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] private Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] private Uuid $id,
        #[ORM\Column(type: 'uuid')] private Uuid $athleteId,
        #[ORM\Column(length: 16, enumType: Caution::class)] private Caution $caution,
        #[ORM\Column(length: 12, enumType: BodyPart::class, nullable: true)] private ?BodyPart $place,
        #[ORM\Column(type: 'smallint', nullable: true)] private ?int $degree,
        /** For coaches only. */
        #[ORM\Column(length: 500, options: ['default' => ''])] private string $note,
        /** Local day up to which easy weeks hold; null: until they are lifted. */
        #[ORM\Column(type: 'date_immutable', nullable: true)] private ?\DateTimeImmutable $untilOn,
        #[ORM\Column(type: 'date_immutable')] private \DateTimeImmutable $notedOn,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $notedAt,
        #[ORM\Column(length: 80)] private string $notedBy,
    ) {
        $this->lifting = Lifting::none();
    }

    public function gymId(): Uuid
    {
        return $this->gymId;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function version(): int
    {
        return $this->version;
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function caution(): Caution
    {
        return $this->caution;
    }

    public function place(): ?BodyPart
    {
        return $this->place;
    }

    public function degree(): ?int
    {
        return $this->degree;
    }

    public function note(): string
    {
        return $this->note;
    }

    public function untilOn(): ?\DateTimeImmutable
    {
        return $this->untilOn;
    }

    public function notedOn(): \DateTimeImmutable
    {
        return $this->notedOn;
    }

    public function notedAt(): \DateTimeImmutable
    {
        return $this->notedAt;
    }

    public function notedBy(): string
    {
        return $this->notedBy;
    }

    public function lifting(): Lifting
    {
        return $this->lifting;
    }

    /** Which word lifts what, is told by the core: Zumbo\Core\Body\Health. */
    public function lift(Lifting $lifting): void
    {
        $this->lifting = $lifting;
    }

    /** @param \DateTimeImmutable $today local day */
    public function toCore(\DateTimeImmutable $today): HealthNote
    {
        $note = HealthNote::of(
            $this->caution,
            $this->place,
            $this->degree,
            self::daysBetween($this->notedOn, $today),
            null === $this->untilOn ? null : self::daysBetween($today, $this->untilOn),
        );
        $by = $this->lifting->by();

        return null === $by || null === $this->lifting->on
            ? $note
            : $note->clearedBy($by, self::daysBetween($this->lifting->on, $today));
    }

    public function isLiftedBy(): ?Clearance
    {
        return $this->lifting->by();
    }

    private static function daysBetween(\DateTimeImmutable $from, \DateTimeImmutable $to): int
    {
        return (int) round(($to->getTimestamp() - $from->getTimestamp()) / 86_400);
    }

    public function trailName(): string
    {
        return '';
    }
}
