<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\App\Entity\Health\NotedCaution;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\Core\Body\Health;
use Zumbo\Core\Body\StatureHistory;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Path\GatesInForce;
use Zumbo\Core\Rope\SchoolRope;
use Zumbo\Core\Today\RopeWanted;
use Zumbo\Core\Today\Today;

/**
 * An athlete with the judgement about them and the rows it rests on.
 */
final readonly class Judged
{
    /**
     * @param list<NotedCaution> $noted the oldest first
     */
    public function __construct(
        public Athlete $athlete,
        public ?Rope $rope,
        public StatureHistory $statures,
        public array $noted,
        public Health $health,
        public RopeWanted $wanted,
        public Today $today,
        public DayLog $days,
        public LogSums $sums,
        /** Null: no rope yet, or it was not asked for. */
        public ?LengthHistory $lengths,
        private string $timeZone,
        /** What is asked of them at each stage, and how they are taught. */
        public GatesInForce $gates,
    ) {
    }

    /** With the sums as they were before a local day: how far they were then. */
    public function withSums(LogSums $sums): self
    {
        return new self(
            $this->athlete,
            $this->rope,
            $this->statures,
            $this->noted,
            $this->health,
            $this->wanted,
            $this->today,
            $this->days,
            $sums,
            $this->lengths,
            $this->timeZone,
            $this->gates,
        );
    }

    /** The cable they have; else the one that is wanted; null: the handles are not known. */
    public function cable(): ?Length
    {
        return null === $this->rope
            ? $this->today->rope->goal?->cable
            : Length::ofMetres($this->rope->spec()->cableLengthM);
    }

    /** The rope of the school in force, in the stance of their own rope. */
    public function goal(): ?SchoolRope
    {
        return $this->today->rope->goal;
    }

    /** The instant at which the local day of another began. */
    public function beginOfDay(\DateTimeImmutable $instant): \DateTimeImmutable
    {
        return LocalDay::beginOf($instant, $this->timeZone);
    }

    /** The local day of an instant, as DayLog names it. */
    public function dayOf(\DateTimeImmutable $instant): string
    {
        return LocalDay::of($instant, $this->timeZone)->format('Y-m-d');
    }
}
