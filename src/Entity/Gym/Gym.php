<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Method\ChosenWays;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Rope\Measuring;
use Zumbo\Core\Rope\Reading;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolInForce;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Rope\TrimSchool;
use Zumbo\Core\Today\ClassTimes;

/**
 * One gym: everything else belongs to one.
 */
#[ORM\Entity]
#[ORM\Table(name: 'gym')]
class Gym implements VersionedRow, Trailed
{
    /** The demo's, whose coaches' password is published. */
    public const DEMO_ID = '019b76da-a800-760b-9c5d-83208990d4a1';

    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    /** How athletes come to their length, unless one is to be done otherwise. */
    #[ORM\Column(length: 12, enumType: TrimSchool::class, options: ['default' => 'start-long'])]
    private TrimSchool $trimSchool = TrimSchool::StartLong;

    /** What beginners and guests are sized by, and the strip on the wall. */
    #[ORM\Column(length: 16, enumType: School::class, options: ['default' => 'armpit'])]
    private School $beginnersSchool = SchoolInForce::FOR_BEGINNERS;

    /** Of the handles that its ropes have; null: not known. */
    #[ORM\Column(type: 'float', nullable: true)]
    private ?float $handleLengthM = null;

    /** Of its hall; null: not known. */
    #[ORM\Column(type: 'float', nullable: true)]
    private ?float $ceilingM = null;

    /** Of its hall along the front, where the coach stands; null: not known. */
    #[ORM\Column(type: 'float', nullable: true)]
    private ?float $hallWidthM = null;

    /** Of its hall, away from the front. */
    #[ORM\Column(type: 'float', nullable: true)]
    private ?float $hallDepthM = null;

    /** Of the mat in the middle of it, that one jumps on; null: there is none. */
    #[ORM\Column(type: 'float', nullable: true)]
    private ?float $matWidthM = null;

    #[ORM\Column(type: 'float', nullable: true)]
    private ?float $matDepthM = null;

    /** In which ropes are measured; null: as each school names it. */
    #[ORM\Column(length: 12, enumType: Stance::class, nullable: true)]
    private ?Stance $stance = null;

    /** By which ends they are read; null: as each school means it. */
    #[ORM\Column(length: 12, enumType: Reading::class, nullable: true)]
    private ?Reading $reading = null;

    /** The classes of its week, as ClassTimes writes them. */
    #[ORM\Column(length: 4000, options: ['default' => ''])]
    private string $classTimes = '';

    /** How it teaches, as ChosenWays writes it; empty: all as it is usual. */
    #[ORM\Column(length: 400, options: ['default' => ''])]
    private string $ways = '';

    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] private Uuid $id,
        #[ORM\Column(length: 80)] private string $name,
        /** IANA name, like Europe/London. */
        #[ORM\Column(length: 64)] private string $timeZone,
        #[ORM\Column(length: 8, enumType: LengthUnit::class)] private LengthUnit $unit,
        /** Raised by every committed write. */
        #[ORM\Column(type: 'bigint', options: ['unsigned' => true, 'default' => 0])] private int $revision = 0,
    ) {
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function rename(string $name): void
    {
        $this->name = $name;
    }

    /** Evenings that are over stay on their days. */
    public function goBy(string $timeZone, LengthUnit $unit): void
    {
        $this->timeZone = $timeZone;
        $this->unit = $unit;
    }

    public function timeZone(): string
    {
        return $this->timeZone;
    }

    public function unit(): LengthUnit
    {
        return $this->unit;
    }

    public function revision(): int
    {
        return $this->revision;
    }

    public function version(): int
    {
        return $this->version;
    }

    public function trimSchool(): TrimSchool
    {
        return $this->trimSchool;
    }

    /** The athlete's own, else the gym's. */
    public function trimSchoolOf(Athlete $athlete): TrimSchool
    {
        return $athlete->trimSchool() ?? $this->trimSchool;
    }

    public function beginnersSchool(): School
    {
        return $this->beginnersSchool;
    }

    public function handleLengthM(): ?float
    {
        return $this->handleLengthM;
    }

    public function ceilingM(): ?float
    {
        return $this->ceilingM;
    }

    public function classTimes(): ClassTimes
    {
        return ClassTimes::read($this->classTimes);
    }

    public function meetAt(ClassTimes $times): void
    {
        $this->classTimes = $times->written();
    }

    public function ways(): ChosenWays
    {
        return ChosenWays::read($this->ways);
    }

    public function teachBy(ChosenWays $ways): void
    {
        $this->ways = $ways->written();
    }

    /** The athlete's own answers over the gym's. */
    public function waysOf(Athlete $athlete): Ways
    {
        return Ways::of($this->ways()->answers, $athlete->ways()->answers);
    }

    public function furnish(?float $handleLengthM, ?float $ceilingM): void
    {
        $this->handleLengthM = $handleLengthM;
        $this->ceilingM = $ceilingM;
    }

    public function hallWidthM(): ?float
    {
        return $this->hallWidthM;
    }

    public function hallDepthM(): ?float
    {
        return $this->hallDepthM;
    }

    public function matWidthM(): ?float
    {
        return $this->matWidthM;
    }

    public function matDepthM(): ?float
    {
        return $this->matDepthM;
    }

    public function layOut(?float $hallWidthM, ?float $hallDepthM, ?float $matWidthM, ?float $matDepthM): void
    {
        [$this->hallWidthM, $this->hallDepthM] = [$hallWidthM, $hallDepthM];
        [$this->matWidthM, $this->matDepthM] = [$matWidthM, $matDepthM];
    }

    public function measuring(): Measuring
    {
        return Measuring::of($this->stance, $this->reading);
    }

    public function measureBy(Measuring $measuring): void
    {
        $this->stance = $measuring->stance;
        $this->reading = $measuring->reading;
    }

    public function sizeBy(TrimSchool $trimSchool, School $beginnersSchool): void
    {
        $this->trimSchool = $trimSchool;
        $this->beginnersSchool = $beginnersSchool;
    }

    public function trailName(): string
    {
        return $this->name;
    }
}
