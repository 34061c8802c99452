<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\Ropes\Rack;
use Zumbo\App\Entity\Ropes\RackRope;
use Zumbo\App\Entity\Ropes\RopePin;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Gear\GearSources;
use Zumbo\Core\Gear\GivingPlan;
use Zumbo\Core\Gear\HeightStrip;
use Zumbo\Core\Gear\RopeWish;
use Zumbo\Core\Gear\SharedRope;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\RopeAdvice;

/**
 * Gives the shared ropes to whoever has none of their own, or one that failed its inspection.
 */
final readonly class PlanGiving
{
    public function __construct(
        private Athletes $athletes,
        private Ropes $ropes,
        private Rack $rack,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function tonight(): TonightView
    {
        $gym = $this->gyms->current();
        $day = LocalDay::of($this->clock->now(), $gym->timeZone());
        $ropes = $this->rack->present();
        $without = $this->without();
        $pins = $this->pins();
        $out = GivingPlan::of(
            $this->wishes($without, $ropes, $pins, $gym, $day),
            array_map(static fn (RackRope $rope): SharedRope => $rope->toCore(), $ropes),
        );
        $written = $this->rack->givenOn($day);
        $byTag = array_combine(array_map(static fn (RackRope $rope): string => $rope->tag(), $ropes), $ropes);
        $given = [];
        foreach ($without as $i => $athlete) {
            ['wish' => $wish, 'rope' => $shared, 'reasons' => $reasons] = $out->given[$i];
            $id = $athlete->id()->toRfc4122();
            $rope = null === $shared ? null : $byTag[$shared->tag];
            $ropeId = $rope?->id()->toRfc4122();
            $given[] = new GivenRopeView(
                $id,
                $wish->name,
                $wish->cable->metres(),
                $ropeId,
                $rope?->tag(),
                $rope?->cableLengthM(),
                array_map(static fn ($reason): SentenceView => SentenceView::of($reason, $gym->unit()), $reasons),
                isset($pins[$id]) ? PinView::of($pins[$id]) : null,
                $written[$id] ?? null,
                null !== $ropeId && ($written[$id] ?? null) === $ropeId,
            );
        }

        return new TonightView(
            $given,
            $out->served,
            array_map(static fn (Length $cable): float => $cable->metres(), $out->toBuy),
            $out->served > 0
                && $out->served === \count(array_filter($given, static fn (GivenRopeView $one): bool => $one->handedOut)),
            SentenceView::of(GearSources::giving(), $gym->unit())->sentence,
            SentenceView::of(GearSources::ideal(), $gym->unit())->sentence,
        );
    }

    /**
     * @return list<HeightBandView> for the wall: which rope is for which height
     */
    public function strip(): array
    {
        $ropes = array_map(static fn (RackRope $rope): SharedRope => $rope->toCore(), $this->rack->present());

        return array_map(
            HeightBandView::of(...),
            HeightStrip::of(
                array_values(
                    array_filter($ropes, static fn (SharedRope $rope): bool => $rope->isSafe() && !$rope->keptBack),
                ),
            ),
        );
    }

    /**
     * @return list<Athlete>
     */
    private function without(): array
    {
        $own = $this->ropes->current();

        return array_values(
            array_filter($this->athletes->present(), static function (Athlete $athlete) use ($own): bool {
                $rope = $own[$athlete->id()->toRfc4122()] ?? null;

                return null === $rope || !$rope->inspection()->isSafe();
            }),
        );
    }

    /**
     * @return array<string, RopePin> by athlete id
     */
    private function pins(): array
    {
        $pins = [];
        foreach ($this->rack->pins() as $pin) {
            $pins[$pin->athleteId()->toRfc4122()] = $pin;
        }

        return $pins;
    }

    /**
     * @param list<Athlete>          $athletes
     * @param list<RackRope>         $ropes
     * @param array<string, RopePin> $pins
     *
     * @return list<RopeWish> the ropes that would be sized for them
     */
    private function wishes(array $athletes, array $ropes, array $pins, Gym $gym, \DateTimeImmutable $day): array
    {
        $tags = array_combine(
            array_map(static fn (RackRope $rope): string => $rope->id()->toRfc4122(), $ropes),
            array_map(static fn (RackRope $rope): string => $rope->tag(), $ropes),
        );
        $last = $this->rack->lastBefore($day);

        return array_map(static function (Athlete $athlete) use ($tags, $pins, $last, $gym): RopeWish {
            $id = $athlete->id()->toRfc4122();
            $pinned = isset($pins[$id]) ? $pins[$id]->rackRopeId()->toRfc4122() : null;

            return new RopeWish(
                explode(' ', $athlete->profile()->name)[0],
                RopeAdvice::forBody($athlete->toCore(), $athlete->stage(), $gym->trimSchoolOf($athlete))->rope->cable,
                $athlete->stage(),
                $tags[$last[$id] ?? ''] ?? null,
                null === $pinned ? null : $tags[$pinned] ?? '(off the rack)',
            );
        }, $athletes);
    }
}
