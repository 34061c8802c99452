<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Path\Entry;
use Zumbo\Core\Rhythm\HeardBeat;
use Zumbo\Core\Stage\Phase;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

/**
 * One entry of the log. Its stage is the athlete's when it was logged: what was done at Mix says nothing about Link.
 */
#[ORM\Entity]
#[ORM\Table(name: 'attempt')]
#[ORM\Index(name: 'attempt_athlete', columns: ['gym_id', 'athlete_id', 'logged_at'])]
#[ORM\Index(name: 'attempt_time', columns: ['gym_id', 'logged_at'])]
#[ORM\Index(name: 'attempt_set', columns: ['gym_id', 'set_id'])]
class Attempt implements BelongsToGym, VersionedRow, Trailed
{
    use KeptRow;

    /** Jumps a minute of the take that was heard; null: it was counted by eye. */
    #[ORM\Column(type: 'float', nullable: true)]
    private ?float $cadencePerMin;

    /** From jump to jump, as a share of the interval. */
    #[ORM\Column(type: 'float', nullable: true)]
    private ?float $variation;

    /** Somebody has said that it is right as it stands. */
    #[ORM\Column(type: 'boolean', options: ['default' => false])]
    private bool $confirmed = false;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'uuid')] private Uuid $setId,
        #[ORM\Column(type: 'uuid')] private Uuid $athleteId,
        #[ORM\Column(length: 8, enumType: Stage::class)] private Stage $stage,
        #[ORM\Column(length: 8, enumType: AttemptKind::class)] private AttemptKind $kind,
        /** Reps of a go or a set, clean tries, or seconds of a hold. */
        #[ORM\Column(type: 'integer')] private int $reps,
        /** Misses of a set or a hold, or tries that were not clean. */
        #[ORM\Column(type: 'integer')] private int $misses,
        #[ORM\Column(length: 8, nullable: true, enumType: AttemptEnd::class)] private ?AttemptEnd $ended,
        #[ORM\Column(type: 'boolean')] private bool $clean,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $loggedAt,
        /** The coach's name; empty: nobody knows. */
        #[ORM\Column(length: 80, options: ['default' => ''])] private string $loggedBy,
        /** Counted by the athlete, on their own card. */
        #[ORM\Column(type: 'boolean', options: ['default' => false])] private bool $selfReported = false,
        ?HeardBeat $beat = null,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
        $this->cadencePerMin = $beat?->cadence;
        $this->variation = $beat?->variation;
    }

    public function setId(): Uuid
    {
        return $this->setId;
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function stage(): Stage
    {
        return $this->stage;
    }

    public function kind(): AttemptKind
    {
        return $this->kind;
    }

    public function reps(): int
    {
        return $this->reps;
    }

    public function misses(): int
    {
        return $this->misses;
    }

    public function ended(): ?AttemptEnd
    {
        return $this->ended;
    }

    public function isClean(): bool
    {
        return $this->clean;
    }

    public function loggedAt(): \DateTimeImmutable
    {
        return $this->loggedAt;
    }

    /** At the earlier stages a streak is one of singles, or of both. */
    public function countsDoubles(): bool
    {
        return CountKind::Streak === $this->kind->countKind() && Phase::Linking === $this->stage->phase();
    }

    public function loggedBy(): string
    {
        return $this->loggedBy;
    }

    public function isSelfReported(): bool
    {
        return $this->selfReported;
    }

    /** Of the take that was heard; null: it was counted by eye. */
    public function beat(): ?HeardBeat
    {
        return null === $this->cadencePerMin || null === $this->variation
            ? null
            : new HeardBeat($this->cadencePerMin, $this->variation);
    }

    public function isConfirmed(): bool
    {
        return $this->confirmed;
    }

    public function judge(bool $clean): void
    {
        $this->clean = $clean;
    }

    /** It was written down wrongly: asked about anew. A single go has an end and no misses, the other kinds have no end. */
    public function correct(int $reps, int $misses, ?AttemptEnd $ended): void
    {
        $go = AttemptKind::Streak === $this->kind;
        $this->reps = $reps;
        $this->misses = $go ? 0 : $misses;
        $this->ended = $go ? $ended ?? $this->ended : null;
        $this->confirmed = false;
    }

    public function confirm(): void
    {
        $this->confirmed = true;
    }

    /** It was somebody else's: at the stage they have, and asked about anew. */
    public function moveTo(Athlete $athlete, PracticeSet $set): void
    {
        $this->athleteId = $athlete->id();
        $this->setId = $set->id;
        $this->stage = $set->stage;
        $this->confirmed = false;
    }

    public function toCore(\DateTimeImmutable $now): Entry
    {
        $daysAgo = max(0.0, ($now->getTimestamp() - $this->loggedAt->getTimestamp()) / 86_400);

        return self::asCore($this->kind, $this->reps, $this->misses, $this->ended, $this->clean, $daysAgo);
    }

    public static function asCore(
        AttemptKind $kind,
        int $reps,
        int $misses,
        ?AttemptEnd $ended,
        bool $clean,
        float $daysAgo = 0.0,
    ): Entry {
        return new Entry(
            $kind->countKind(),
            match ($kind) {
                AttemptKind::Streak => CountedReps::attempt($reps, $ended ?? AttemptEnd::Stopped, $daysAgo),
                AttemptKind::Sum => CountedReps::sum($reps, $misses, $daysAgo),
                AttemptKind::Tries, AttemptKind::Hold => CountedReps::counted($reps, $misses, $daysAgo),
            },
            $clean,
        );
    }

    public function trailName(): string
    {
        return '';
    }
}
