<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

use Zumbo\App\Entity\Health\DayStop;
use Zumbo\App\Entity\Health\DayStops;
use Zumbo\App\Entity\Log\SetSum;
use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\LogSums;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Story\Pauses;

/**
 * What happened to an athlete beside their goes: stages, ropes, heights, pain, stops and pauses.
 */
final readonly class ReadEvents
{
    /** Lengths are told apart by half a centimetre. */
    private const SAME_M = 0.005;
    private const DAY_S = 86_400;

    public function __construct(private Ropes $ropes, private DayStops $stops)
    {
    }

    /**
     * @param \DateTimeImmutable $from local day
     *
     * @return list<StoryEventView> the oldest first
     */
    public function of(Judged $judged, LogSums $sums, \DateTimeImmutable $from, LengthUnit $unit): array
    {
        $events = [];
        foreach ([
            ...self::stages($sums),
            ...$this->lengths($judged),
            ...self::heights($judged),
            ...self::health($judged),
            ...$this->stopped($judged, $from),
            ...self::pauses($sums),
        ] as [$day, $kind, $said]) {
            if ($day >= $from) {
                $events[] = StoryEventView::of($day, $kind, $said, $unit);
            }
        }
        usort($events, static fn (StoryEventView $a, StoryEventView $b): int => $a->day <=> $b->day);

        return $events;
    }

    /**
     * @return list<array{\DateTimeImmutable, StoryEvent, Verdict}>
     */
    private static function stages(LogSums $sums): array
    {
        $events = [];
        $furthest = null;
        foreach ($sums->sums as $sum) {
            if (null === $furthest || $furthest->isBefore($sum->stage)) {
                $code = null === $furthest ? 'story.stage_first' : 'story.stage';
                $events[] = [$sum->localDay, StoryEvent::Stage, Verdict::of($code, ['stage' => Term::of($sum->stage)])];
                $furthest = $sum->stage;
            }
        }

        return $events;
    }

    /**
     * @return list<array{\DateTimeImmutable, StoryEvent, Verdict}>
     */
    private function lengths(Judged $judged): array
    {
        $events = [];
        $before = null;
        foreach ($this->ropes->historyOf($judged->athlete->id()) as $rope) {
            $said = self::changed($before, $rope);
            if (null !== $said) {
                $events[] = [self::day($judged->dayOf($rope->createdAt())), StoryEvent::Rope, $said];
            }
            $before = $rope;
        }

        return $events;
    }

    private static function changed(?Rope $before, Rope $rope): ?Verdict
    {
        $cable = $rope->spec()->cableLengthM;
        $by = null === $before ? 0.0 : $cable - $before->spec()->cableLengthM;

        return match (true) {
            null === $before => Verdict::of('story.rope_first', ['cable_m' => $cable]),
            $by < -self::SAME_M => Verdict::of('story.shorter', ['by_m' => -$by, 'cable_m' => $cable]),
            $by > self::SAME_M => Verdict::of('story.longer', ['by_m' => $by, 'cable_m' => $cable]),
            $before->spec()->family !== $rope->spec()->family => Verdict::of('story.cable', [
                'family' => Term::of($rope->spec()->family),
                'cable_m' => $cable,
            ]),
            default => null,
        };
    }

    /**
     * @return list<array{\DateTimeImmutable, StoryEvent, Verdict}>
     */
    private static function heights(Judged $judged): array
    {
        return array_map(
            static fn (array $one): array => [
                $one['on'],
                StoryEvent::Height,
                Verdict::of('story.height', ['stature_m' => $one['stature']->metres()]),
            ],
            $judged->statures->measured,
        );
    }

    /**
     * @return list<array{\DateTimeImmutable, StoryEvent, Verdict}>
     */
    private static function health(Judged $judged): array
    {
        $events = [];
        foreach ($judged->noted as $note) {
            $place = $note->place();
            $what = Term::of($place ?? $note->caution());
            $events[] = [$note->notedOn(), StoryEvent::Pain, null === $place
                ? Verdict::of('story.noted', ['caution' => $what])
                : Verdict::of('story.pain', ['place' => $what, 'degree' => $note->degree() ?? -1])];
            $lifted = $note->lifting()->on;
            if (null !== $lifted) {
                $events[] = [$lifted, StoryEvent::Cleared, Verdict::of('story.cleared', ['what' => $what])];
            }
        }

        return $events;
    }

    /**
     * @return list<array{\DateTimeImmutable, StoryEvent, Verdict}>
     */
    private function stopped(Judged $judged, \DateTimeImmutable $from): array
    {
        $id = $judged->athlete->id();

        return array_map(
            static fn (DayStop $stop): array => [$stop->localDay(), StoryEvent::Stop, Verdict::of('story.stop')],
            $this->stops->since($from, $id)[$id->toRfc4122()] ?? [],
        );
    }

    /**
     * @return list<array{\DateTimeImmutable, StoryEvent, Verdict}>
     */
    private static function pauses(LogSums $sums): array
    {
        $days = array_values(array_unique(array_map(
            static fn (SetSum $sum): int => LogSums::dayNumber($sum->localDay),
            $sums->sums,
        )));

        return array_map(static fn (array $pause): array => [
            new \DateTimeImmutable('@'.($pause[0] * self::DAY_S)),
            StoryEvent::Pause,
            Verdict::of('story.pause', ['days' => $pause[1] - $pause[0] + 1]),
        ], Pauses::between($days));
    }

    private static function day(string $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day.' 00:00:00', new \DateTimeZone('UTC'));
    }
}
