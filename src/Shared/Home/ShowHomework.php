<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Home;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Path\OwnDrills;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\BeatView;
use Zumbo\App\Shared\Plan\TodaysWork;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Allowance\Allowance;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Plan\Practice\Block;
use Zumbo\Core\Plan\Practice\Participant;
use Zumbo\Core\Plan\Practice\PlanPractice;
use Zumbo\Core\Plan\Practice\PlanRule;
use Zumbo\Core\Plan\Practice\PracticeWish;
use Zumbo\Core\Plan\Practice\Slot;
use Zumbo\Core\Plan\Practice\WarmUpItem;
use Zumbo\Core\Plan\Weeks\PlannedSession;
use Zumbo\Core\Plan\Weeks\PlannedWeek;
use Zumbo\Core\Plan\Weeks\SessionKind;
use Zumbo\Core\Rhythm\PatternTiming;

/**
 * The next practice at home: what fits a few minutes alone, within what the day may hold.
 */
final readonly class ShowHomework
{
    private const DRAWN = 17;
    private const TONIGHT_MIN = 5;

    /** What an athlete has at home. */
    private const AT_HOME = ['towel' => 1, 'mirror' => 1];

    public function __construct(private OwnDrills $drills, private ClockInterface $clock)
    {
    }

    public function next(Judged $one, PlannedWeek $week, Gym $gym): ?HomeworkView
    {
        $today = LocalDay::of($this->clock->now(), $gym->timeZone());
        $weekday = (int) $today->format('N');
        foreach ($week->sessions as $session) {
            if ($session->day >= $weekday && !$session->kind->isInClass()) {
                return $this->view($one, $session, $today->modify(\sprintf('+%d days', $session->day - $weekday)));
            }
        }

        return null;
    }

    /** Five minutes on the day that is: the set of the hall, within what is left of the day. */
    public function tonight(Judged $one, TodaysWork $work, \DateTimeImmutable $today): HomeworkView
    {
        $key = $one->athlete->id()->toRfc4122();
        $pins = null === $work->drill ? [] : [$key => [Slot::Main->value => $work->drill->code]];
        $practice = PlanPractice::of(
            PracticeWish::of(self::TONIGHT_MIN, false, self::AT_HOME, seed: (int) $today->format('ymd'), pins: $pins),
            [new Participant($key, $one->athlete->stage(), $one->gates->ways, $one->today->allowance)],
            $work->shelf,
        );
        $kind = null === $work->drill ? SessionKind::HomeNoJump : SessionKind::Home;
        $main = $practice->block($key, Slot::Main);
        $own = null === $main || null === $work->drill || $main->code === $work->drill->code
            ? null
            : self::planned($work->drill, $main, $one->today->allowance->contactsLeftToday);

        return new HomeworkView(
            $today->format('Y-m-d'),
            $kind,
            self::TONIGHT_MIN,
            $practice->contacts($key) + (null === $own ? 0 : $own->contacts - $main->contacts),
            array_map(
                static fn (Block $block): HomeworkBlockView => self::block($block === $main && null !== $own ? $own : $block),
                $practice->blocks[$key] ?? [],
            ),
        );
    }

    /** A ladder of the evening is no drill of the library: as many of its sets as the time and the day hold. */
    private static function planned(Drill $drill, Block $instead, int $contactsLeft): Block
    {
        $contacts = (int) min($contactsLeft, round($drill->contactsPerMinute() * $instead->seconds / 60));

        return new Block(
            Slot::Main,
            $instead->seconds,
            $drill->code,
            $drill->title,
            $drill->pattern,
            $drill->cadence,
            $drill->countKind,
            max(1, min($drill->sets, intdiv($contacts, max(1, $drill->aim)))),
            $drill->aim,
            0,
            $drill->cue,
            $contacts,
            PlanRule::Pin,
            Verdict::of('set.planned', ['why' => $drill->why]),
        );
    }

    /** The work of a day as it was planned. */
    public function view(Judged $one, PlannedSession $session, \DateTimeImmutable $day): HomeworkView
    {
        $key = $one->athlete->id()->toRfc4122();
        $practice = PlanPractice::of(
            PracticeWish::of($session->minutes, false, self::AT_HOME, seed: (int) $day->format('ymd')),
            [new Participant($key, $one->athlete->stage(), $one->gates->ways, self::allowance($one, $session), (int) $day->format('z'))],
            $this->drills->shelf(),
        );

        return new HomeworkView(
            $day->format('Y-m-d'),
            $session->kind,
            $session->minutes,
            $practice->contacts($key),
            array_map(self::block(...), $practice->blocks[$key] ?? []),
        );
    }

    /** What the day may hold, never more than today's judgement lets be. */
    private static function allowance(Judged $one, PlannedSession $session): Allowance
    {
        $today = $one->today->allowance;
        if (!$one->health->noJumping && !$one->health->nothing && $session->kind->jumps()) {
            return Allowance::all($session->contacts, $session->contacts);
        }

        return $one->health->nothing
            ? $today
            : Allowance::noJump($today->sore, 0, false, [Verdict::of('load.rest_day')]);
    }

    private static function block(Block $block): HomeworkBlockView
    {
        $pattern = $block->pattern;

        return new HomeworkBlockView(
            $block->title,
            $block->seconds,
            $block->sets,
            $block->aim,
            $block->cue,
            $pattern?->text() ?? '',
            null === $pattern ? [] : array_map(
                BeatView::of(...),
                \array_slice(PatternTiming::of($pattern, Rate::perMinute((float) $block->cadence)), 0, self::DRAWN),
            ),
            array_map(static fn (WarmUpItem $item): string => $item->title, $block->items),
            SentenceView::of($block->why, LengthUnit::Centimetre),
        );
    }
}
