<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Growth;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Method\ChosenWays;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\TrimSchool;
use Zumbo\Core\Stage\Stage;

/**
 * An athlete of a gym. Removed ones stay, so that removal can be undone.
 */
#[ORM\Entity]
#[ORM\Table(name: 'athlete')]
#[ORM\UniqueConstraint(name: 'athlete_tag', columns: ['gym_id', 'tag'])]
class Athlete implements BelongsToGym, VersionedRow, Trailed
{
    use KeptRow;

    #[ORM\Embedded(class: AthleteProfile::class, columnPrefix: false)]
    private AthleteProfile $profile;

    #[ORM\Embedded(class: TapedLandmarks::class, columnPrefix: false)]
    private TapedLandmarks $taped;

    /** Null: as the gym does it. */
    #[ORM\Column(length: 12, enumType: TrimSchool::class, nullable: true)]
    private ?TrimSchool $trimSchool = null;

    /** Chosen by the coach; null: by stage, as the gym does it. */
    #[ORM\Column(length: 16, enumType: School::class, nullable: true)]
    private ?School $school = null;

    /** Of one of their handles; null: not known. */
    #[ORM\Column(name: 'handle_length_m', type: 'float', nullable: true)]
    private ?float $handleLengthM = null;

    /** On which local day they came along; null: they belong here. */
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    private ?\DateTimeImmutable $guestOn = null;

    /** How they are taught otherwise than the gym does, as ChosenWays writes it. */
    #[ORM\Column(length: 400, options: ['default' => ''])]
    private string $ways = '';

    /** On which local day two minutes put them at their stage; null: a coach has confirmed it. */
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    private ?\DateTimeImmutable $placedOn = null;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        AthleteProfile $profile,
        #[ORM\Column(length: 8, enumType: Stage::class)] private Stage $stage,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $createdAt,
        /** As AthleteTags gives it. */
        #[ORM\Column(length: Tag::MOST_LETTERS)] private string $tag,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
        $this->profile = $profile;
        $this->taped = new TapedLandmarks();
    }

    public function profile(): AthleteProfile
    {
        return $this->profile;
    }

    public function stage(): Stage
    {
        return $this->stage;
    }

    /** Letters by which a typed line names them. */
    public function tag(): string
    {
        return $this->tag;
    }

    public function createdAt(): \DateTimeImmutable
    {
        return $this->createdAt;
    }

    public function guestOn(): ?\DateTimeImmutable
    {
        return $this->guestOn;
    }

    public function comesAsGuest(\DateTimeImmutable $localDay): void
    {
        $this->guestOn = $localDay;
    }

    public function joins(): void
    {
        $this->guestOn = null;
        $this->restore();
    }

    /** A tape belongs to the body it was read on: whoever has grown is taped again. */
    public function change(AthleteProfile $profile): void
    {
        if (Growth::matters(Length::ofMetres($profile->statureM), Length::ofMetres($this->profile->statureM))) {
            $this->taped = new TapedLandmarks();
        }
        $this->profile = $profile;
    }

    public function taped(): TapedLandmarks
    {
        return $this->taped;
    }

    public function trimSchool(): ?TrimSchool
    {
        return $this->trimSchool;
    }

    public function school(): ?School
    {
        return $this->school;
    }

    public function handleLengthM(): ?float
    {
        return $this->handleLengthM;
    }

    public function measure(TapedLandmarks $taped): void
    {
        $this->taped = $taped;
    }

    public function sizeBy(?TrimSchool $trimSchool, ?School $school, ?float $handleLengthM): void
    {
        $this->trimSchool = $trimSchool;
        $this->school = $school;
        $this->handleLengthM = $handleLengthM;
    }

    /** The coach decides, whatever the gate says. */
    public function moveTo(Stage $stage): void
    {
        $this->stage = $stage;
        $this->placedOn = null;
    }

    /** By two minutes: provisional, until practice or a coach confirms it. */
    public function placeAt(Stage $stage, \DateTimeImmutable $localDay): void
    {
        $this->stage = $stage;
        $this->placedOn = $localDay;
    }

    public function placedOn(): ?\DateTimeImmutable
    {
        return $this->placedOn;
    }

    public function ways(): ChosenWays
    {
        return ChosenWays::read($this->ways);
    }

    public function teachBy(ChosenWays $ways): void
    {
        $this->ways = $ways->written();
    }

    public function toCore(): Body
    {
        return $this->taped->on(Body::ofStature(Length::ofMetres($this->profile->statureM)));
    }

    public function trailName(): string
    {
        return $this->profile->name;
    }
}
