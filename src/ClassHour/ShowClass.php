<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\Focuses;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\LoggedEntries;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\AllowanceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\App\Shared\Today\StageLog;
use Zumbo\Core\Gear\LookOver;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Path\Entry;
use Zumbo\Core\Path\LookRule;
use Zumbo\Core\Path\TodaysSet;
use Zumbo\Core\Today\RopeState;

/**
 * The plan of the hall tonight: everybody with rope, set, cue and outlook, and what was logged just now.
 */
final readonly class ShowClass
{
    private const JUST_NOW = 12;

    public function __construct(
        private Athletes $athletes,
        private JudgeToday $judge,
        private CurrentCoach $coach,
        private Attempts $attempts,
        private LoggedEntries $entries,
        private Focuses $focuses,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function tonight(): ClassView
    {
        $now = $this->clock->now();
        $gym = $this->gyms->current();
        $day = LocalDay::of($now, $gym->timeZone());
        $athletes = $this->athletes->present();
        usort(
            $athletes,
            static fn (Athlete $a, Athlete $b): int => [$a->stage()->number(), $a->profile()->name] <=> [
                $b->stage()->number(),
                $b->profile()->name,
            ],
        );
        $here = array_fill_keys(
            array_map(static fn (Athlete $athlete): string => $athlete->id()->toRfc4122(), $athletes),
            true,
        );
        // Whoever was removed is not in the hall, and neither is what they did.
        $attempts = array_intersect_key($this->attempts->since($now->modify(Attempts::LOOK_BACK)), $here);
        $today = static fn (Attempt $attempt): bool => LocalDay::of(
            $attempt->loggedAt(),
            $gym->timeZone(),
        )->getTimestamp() === $day->getTimestamp();
        $views = $this->athleteViews($athletes, $attempts, $today, $day, $now, $gym->unit());
        $logged = array_values(array_filter(array_merge(...array_values($attempts)), $today));
        usort(
            $logged,
            static fn (Attempt $a, Attempt $b): int => [$b->loggedAt(), $b->id()->toRfc4122()] <=> [
                $a->loggedAt(),
                $a->id()->toRfc4122(),
            ],
        );

        return new ClassView(
            SentenceView::of(self::title($views, \count($logged)), LengthUnit::Centimetre),
            $day->format('Y-m-d'),
            $this->attempts->classOf($day)?->name,
            StationView::all(),
            $views,
            $this->entries->views(\array_slice($logged, 0, self::JUST_NOW), $attempts, $today),
            $gym->revision(),
        );
    }

    /**
     * @param list<Athlete>                $athletes
     * @param array<string, list<Attempt>> $attempts
     * @param callable(Attempt): bool      $today
     *
     * @return list<ClassAthleteView>
     */
    private function athleteViews(
        array $athletes,
        array $attempts,
        callable $today,
        \DateTimeImmutable $day,
        \DateTimeImmutable $now,
        LengthUnit $unit,
    ): array {
        $judged = $this->judge->everybody($athletes);
        $focuses = $this->focuses->current($now);
        $before = $this->attempts->practicesBefore($day);
        $role = $this->coach->role();

        return array_map(static function (Athlete $athlete) use (
            $attempts,
            $today,
            $judged,
            $focuses,
            $before,
            $role,
            $now,
            $day,
            $unit,
        ): ClassAthleteView {
            $id = $athlete->id()->toRfc4122();
            $mine = $attempts[$id] ?? [];
            $tonight = array_values(array_filter($mine, $today));
            $one = $judged[$id];
            $ofStage = StageLog::of($athlete, $mine);
            $outlook = StageLog::outlook($athlete, $ofStage, $one, $now);
            $doubt = LoggedEntries::doubt($ofStage);
            $jumps = $one->today->allowance->offersJumps();
            $set = TodaysSet::of($athlete->stage(), $before[$id] ?? 0)->drill;
            $drill = $jumps ? $set : null;
            $focus = $jumps ? FocusOfToday::of($focuses[$id] ?? null) : null;
            $look = $jumps
                ? LookRule::asksFor(array_map(static fn (Attempt $attempt): Entry => $attempt->toCore($now), $tonight))
                : null;

            return new ClassAthleteView(
                $id,
                $athlete->tag(),
                explode(' ', $athlete->profile()->name)[0],
                $athlete->stage(),
                $athlete->stage()->phase(),
                $one->rope?->spec()->cableLengthM,
                self::beforeJumping($one, $day, $unit),
                $one->today->rope->state,
                MessageCatalogue::name(Term::of($one->today->rope->next->action)),
                AllowanceView::of($one->today, $role),
                null === $drill ? null : DrillView::of($drill, $focus?->cue->cue),
                $jumps || [] === $one->health->standing ? new LoggedAsView($set->code, $set->countKind) : null,
                $focus?->cue->reason->sentence ?? $drill?->why,
                null === $outlook ? null : SentenceView::of($outlook->outlook, LengthUnit::Centimetre),
                null === $doubt ? null : SentenceView::of($doubt, LengthUnit::Centimetre),
                LoggedEntries::bests($ofStage),
                [] !== $one->health->standing,
                \count($tonight),
                null === $look ? null : SentenceView::of($look, LengthUnit::Centimetre),
            );
        }, $athletes);
    }

    /** A rope that was outgrown or is not sound comes before the first jump, and so does a height that is due. */
    private static function beforeJumping(Judged $one, \DateTimeImmutable $day, LengthUnit $unit): ?SentenceView
    {
        $rope = $one->today->rope;
        $due = match ($rope->state) {
            RopeState::Outgrown, RopeState::NotSound, RopeState::TooShort => $rope->reasons[0] ?? null,
            default => $one->statures->reminder($one->athlete->profile()->birthYear, $day) ?? self::lookOver($one, $day),
        };

        return null === $due ? null : SentenceView::of($due, $unit);
    }

    /** When somebody's own rope is due to be looked over. */
    private static function lookOver(Judged $one, \DateTimeImmutable $day): ?Verdict
    {
        $next = null === $one->rope ? null : LookOver::ofOwn($one->rope->inspection()->on);

        return true === $next?->isDue($day) ? $next->verdict() : null;
    }

    /**
     * @param list<ClassAthleteView> $athletes
     */
    private static function title(array $athletes, int $logged): Verdict
    {
        foreach ($athletes as $athlete) {
            if (null !== $athlete->look) {
                return Verdict::of('class.needs_look', ['athlete' => $athlete->firstName]);
            }
        }
        $values = ['athletes' => \count($athletes), 'logged' => $logged];

        return match (true) {
            [] === $athletes => Verdict::of('class.nobody'),
            0 === $logged => Verdict::of('class.ready', $values),
            default => Verdict::of('class.running', $values),
        };
    }
}
