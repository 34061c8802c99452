<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\Entity\Path\OwnDrills;
use Zumbo\App\Entity\People\Focuses;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\Here\ReadHere;
use Zumbo\App\Shared\LoggedEntries;
use Zumbo\App\Shared\Outlook\ReadOutlooks;
use Zumbo\App\Shared\Path\Provisional;
use Zumbo\App\Shared\Plan\DrillView;
use Zumbo\App\Shared\Plan\FocusOfToday;
use Zumbo\App\Shared\Plan\ReadPlanned;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\AllowanceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Gear\LookOver;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Path\TodaysSet;
use Zumbo\Core\Today\ClassTime;
use Zumbo\Core\Today\RopeState;

/**
 * The plan of the hall tonight: everybody with rope, set, cue and outlook, and what was logged just now.
 */
final readonly class ShowClass
{
    private const JUST_NOW = 12;

    private const A_GROUP = 3;

    /** On the floor the first drills without a jump are enough. */
    private const INSTEAD = 3;

    public function __construct(
        private ReadHere $here,
        private CurrentCoach $coach,
        private Attempts $attempts,
        private LoggedEntries $entries,
        private Focuses $focuses,
        private OwnDrills $drills,
        private ReadPlanned $planned,
        private DaySums $sums,
        private ReadOutlooks $outlooks,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function tonight(): ClassView
    {
        $now = $this->clock->now();
        $gym = $this->gyms->current();
        $day = LocalDay::of($now, $gym->timeZone());
        ['here' => $judged, 'absent' => $absent] = $this->here->tonight($gym, $now);
        $focuses = $this->focusesOf($judged);
        $views = $this->athleteViews($judged, $focuses, $day, $gym->unit());
        $today = static fn (Attempt $attempt): bool => LocalDay::areSame($attempt->loggedAt(), $now, $gym->timeZone());
        $newest = $this->attempts->newest(LocalDay::beginOf($now, $gym->timeZone()), self::JUST_NOW);
        $logged = array_sum(array_map(static fn (ClassAthleteView $one): int => $one->entriesToday, $views));

        return new ClassView(
            SentenceView::of(self::title($views, $logged), LengthUnit::Centimetre),
            $day->format('Y-m-d'),
            $this->attempts->classOf($day)->name ?? self::called($gym->classTimes()->on($day)),
            StationView::all(),
            $views,
            $absent,
            $this->entries->views($newest, array_map(static fn (Judged $one) => $one->sums, $judged), $today),
            self::groups($views, $focuses),
            $gym->revision(),
        );
    }

    /**
     * @param array<string, Judged>       $judged  by athlete id, in the order of the hall
     * @param array<string, FocusOfToday> $focuses by athlete id
     *
     * @return list<ClassAthleteView>
     */
    private function athleteViews(array $judged, array $focuses, \DateTimeImmutable $day, LengthUnit $unit): array
    {
        $days = $this->sums->stageDays();
        $planned = $this->planned->on($day);
        $outlooks = $this->outlooks->of($judged);
        $shelf = $this->drills->shelf();
        $role = $this->coach->role();
        $views = [];
        foreach ($judged as $id => $one) {
            $stage = $one->athlete->stage();
            $outlook = $outlooks[$id];
            $jumps = $one->today->allowance->offersJumps();
            $before = ($days[$id][$stage->value] ?? 0) - (int) $one->sums->hasStageOn($stage, $day);
            $set = ReadPlanned::drill($planned[$id] ?? null, $stage, $one->gates->ways)
                ?? TodaysSet::of($stage, $shelf, $one->gates->ways, $before)->drill;
            $drill = $jumps ? $set : null;
            $focus = $focuses[$id] ?? null;
            $views[] = new ClassAthleteView(
                $id,
                $one->athlete->tag(),
                $one->athlete->profile()->firstName(),
                $stage,
                $stage->phase(),
                $one->rope?->spec()->cableLengthM,
                self::beforeJumping($one, $day, $unit),
                $one->today->rope->state,
                MessageCatalogue::name(Term::of($one->today->rope->next->action)),
                AllowanceView::of($one->today, $role, self::INSTEAD),
                null === $drill ? null : DrillView::of($drill, $focus?->cue->cue, DrillView::LOOKED_AT),
                $jumps || [] === $one->health->standing ? new LoggedAsView($set->code, $set->countKind) : null,
                $focus?->cue->reason->sentence ?? $drill?->why,
                self::said($outlook->gate?->outlook),
                self::said($outlook->doubt),
                $one->sums->bests($stage),
                [] !== $one->health->standing,
                $one->sums->entriesOn($day),
                null === $drill ? null : max(0, $drill->sets - $one->sums->entriesOn($day)),
                self::said($jumps ? $outlook->look : null),
                null !== $one->athlete->guestOn(),
                self::said($jumps ? $outlook->news?->news : null),
                Provisional::is($one),
            );
        }

        return $views;
    }

    /**
     * @param array<string, Judged> $judged
     *
     * @return array<string, FocusOfToday> of those who jump today
     */
    private function focusesOf(array $judged): array
    {
        $current = $this->focuses->current($this->clock->now());
        $jumping = array_filter($judged, static fn (Judged $one): bool => $one->today->allowance->offersJumps());

        return array_filter(array_map(
            static fn (Judged $one): ?FocusOfToday => FocusOfToday::of(
                $current[$one->athlete->id()->toRfc4122()] ?? null,
                $one->gates->ways,
            ),
            $jumping,
        ));
    }

    /**
     * A fault that three or more work on is worth two minutes together (our assumption).
     *
     * @param list<ClassAthleteView>      $views
     * @param array<string, FocusOfToday> $focuses
     *
     * @return list<GroupDrillView>
     */
    private static function groups(array $views, array $focuses): array
    {
        $names = $cues = [];
        foreach ($views as $view) {
            $cue = ($focuses[$view->id] ?? null)?->cue;
            if (null !== $cue) {
                $names[$cue->fault][] = $view->firstName;
                $cues[$cue->fault] = $cue;
            }
        }
        $groups = [];
        foreach (array_filter($names, static fn (array $some): bool => \count($some) >= self::A_GROUP) as $fault => $some) {
            $values = ['people' => \count($some), 'fault' => $cues[$fault]->name, 'drill' => $cues[$fault]->drill];
            $said = SentenceView::of(Verdict::of('class.group', $values), LengthUnit::Centimetre);
            $groups[] = new GroupDrillView($fault, $said, $some, $cues[$fault]->drill);
        }
        usort($groups, static fn (GroupDrillView $one, GroupDrillView $other): int => \count($other->names) <=> \count($one->names));

        return $groups;
    }

    /**
     * @param list<ClassTime> $classes
     *
     * @return string|null "Kids 17:00, Evening class 18:30"; null: none is said
     */
    private static function called(array $classes): ?string
    {
        $names = array_map(static fn (ClassTime $one): string => trim($one->name.' '.$one->clock()), $classes);

        return [] === $names ? null : implode(', ', $names);
    }

    private static function said(?Verdict $verdict): ?SentenceView
    {
        return null === $verdict ? null : SentenceView::of($verdict, LengthUnit::Centimetre);
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
