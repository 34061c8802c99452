<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Health\NotedCaution;
use Zumbo\App\Entity\Health\NotedCautions;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\Statures;
use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\Path\ReadGates;
use Zumbo\Core\Body\Growing;
use Zumbo\Core\Body\Health;
use Zumbo\Core\Body\StatureHistory;
use Zumbo\Core\Load\WeekBase;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Path\GatesInForce;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Today\OwnRope;
use Zumbo\Core\Today\RopeWanted;
use Zumbo\Core\Today\Today;

/**
 * Gathers what is known of an athlete and asks the core for the one judgement. Every slice reads it here.
 */
final readonly class JudgeToday
{
    public function __construct(
        private Athletes $athletes,
        private Ropes $ropes,
        private Statures $statures,
        private NotedCautions $noted,
        private ReadDays $days,
        private ReadLengths $lengths,
        private ReadGates $gates,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function athlete(Athlete $athlete): Judged
    {
        $gym = $this->gyms->current();
        $today = $this->localDay($gym);
        $id = $athlete->id();
        $gates = $this->gates->of([$athlete], $gym, $id)[$id->toRfc4122()];

        return $this->judged(
            $athlete,
            $gates,
            $this->ropes->currentOf($id),
            $this->statures->ofAthlete($id),
            $this->noted->ofAthlete($id),
            $this->days->upTo($today, $id)[$id->toRfc4122()] ?? [DayLog::empty(), LogSums::none()],
            $gym,
            $today,
            $this->lengths->of($athlete, $gates->at($athlete->stage())),
        );
    }

    /**
     * @param list<Athlete>|null $athletes null: all that are present
     *
     * @return array<string, Judged> by athlete id
     */
    public function everybody(?array $athletes = null): array
    {
        $gym = $this->gyms->current();
        $today = $this->localDay($gym);
        $ropes = $this->ropes->current();
        $statures = $this->statures->all();
        $noted = $this->noted->all();
        $days = $this->days->upTo($today);
        $judged = [];
        $athletes ??= $this->athletes->present();
        $gates = $this->gates->of($athletes, $gym);
        foreach ($athletes as $athlete) {
            $id = $athlete->id()->toRfc4122();
            $judged[$id] = $this->judged(
                $athlete,
                $gates[$id],
                $ropes[$id] ?? null,
                $statures[$id] ?? StatureHistory::none(),
                $noted[$id] ?? [],
                $days[$id] ?? [DayLog::empty(), LogSums::none()],
                $gym,
                $today,
            );
        }

        return $judged;
    }

    public static function wanted(Athlete $athlete, ?Handle $handle, Gym $gym): RopeWanted
    {
        return RopeWanted::of(
            $athlete->toCore(),
            $athlete->stage(),
            $handle,
            $gym->trimSchoolOf($athlete),
            $gym->beginnersSchool(),
            $athlete->school(),
            $gym->measuring(),
        );
    }

    /** Of their rope, else as it is known of them; null: not known. */
    public static function handle(Athlete $athlete, ?Rope $rope): ?Handle
    {
        $metres = $rope?->spec()->handleLengthM ?? $athlete->handleLengthM();

        return null === $metres ? null : Handle::ofLength(Length::ofMetres($metres));
    }

    /**
     * @param list<NotedCaution>     $noted
     * @param array{DayLog, LogSums} $log
     * @param LengthHistory|null     $lengths null: whether the tails may be cut is not asked
     */
    private function judged(
        Athlete $athlete,
        GatesInForce $gates,
        ?Rope $rope,
        StatureHistory $statures,
        array $noted,
        array $log,
        Gym $gym,
        \DateTimeImmutable $today,
        ?LengthHistory $lengths = null,
    ): Judged {
        [$days, $sums] = $log;
        $health = Health::of(array_map(static fn (NotedCaution $note) => $note->toCore($today), $noted));
        $wanted = self::wanted($athlete, self::handle($athlete, $rope), $gym);
        $age = $athlete->profile()->ageIn($today);

        return new Judged(
            $athlete,
            $rope,
            $statures,
            $noted,
            $health,
            $wanted,
            Today::of(
                $wanted,
                null === $rope ? null : self::ownRope($rope, $statures, $lengths),
                Growing::of($age, $statures->risesWithinAYear($today)),
                $health,
                $age,
                $days->facts($today, $athlete->stage(), self::beforePain($health, $noted)),
                $gates->ways,
            ),
            $days,
            $sums,
            $lengths,
            $gym->timeZone(),
            $gates,
        );
    }

    private static function ownRope(Rope $rope, StatureHistory $statures, ?LengthHistory $lengths): OwnRope
    {
        $spec = $rope->spec();

        return OwnRope::of(
            Length::ofMetres($spec->cableLengthM),
            $spec->stance,
            null,
            $statures->at($rope->createdAt()),
            $spec->family,
            $rope->inspection()->isSafe(),
            null !== $rope->tailsCutOn(),
            $lengths?->practices(),
            $lengths?->outcome,
        );
    }

    /**
     * @param list<NotedCaution> $noted
     */
    private static function beforePain(Health $health, array $noted): ?\DateTimeImmutable
    {
        if (null === $health->returningSinceDays || !WeekBase::isReturning($health->returningSinceDays)) {
            return null;
        }
        $lifted = array_filter(
            $noted,
            static fn (NotedCaution $note): bool => $note->caution()->isPain() && null !== $note->isLiftedBy(),
        );

        return [] === $lifted
            ? null
            : max(array_map(static fn (NotedCaution $note): \DateTimeImmutable => $note->notedOn(), $lifted));
    }

    private function localDay(Gym $gym): \DateTimeImmutable
    {
        return LocalDay::of($this->clock->now(), $gym->timeZone());
    }
}
