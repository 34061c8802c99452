<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack\Tonight;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Ropes\Rack;
use Zumbo\App\Entity\Ropes\RackRope;
use Zumbo\App\Entity\Ropes\RopePin;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\RopeDesk\Rack\PinView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Gear\GearSources;
use Zumbo\Core\Gear\GivingPlan;
use Zumbo\Core\Gear\HeightStrip;
use Zumbo\Core\Gear\RopeWish;
use Zumbo\Core\Gear\SharedRope;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\School;

/**
 * Gives the shared ropes to whoever has none of their own, or one that failed its inspection; or to everybody.
 */
final readonly class PlanGiving
{
    public function __construct(
        private JudgeToday $judge,
        private Rack $rack,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function tonight(TonightInput $input): TonightView
    {
        $gym = $this->gyms->current();
        $day = LocalDay::of($this->clock->now(), $gym->timeZone());
        $ropes = $this->rack->present();
        $served = $this->toServe($input);
        $pins = $this->pins();
        $out = GivingPlan::of(
            $this->wishes($served, $ropes, $pins, $input->school(), $day),
            array_map(static fn (RackRope $rope): SharedRope => $rope->toCore(), $ropes),
        );
        $written = $this->rack->givenOn($day);
        $byTag = array_combine(array_map(static fn (RackRope $rope): string => $rope->tag(), $ropes), $ropes);
        $given = [];
        foreach ($served as $i => $one) {
            ['wish' => $wish, 'rope' => $shared, 'reasons' => $reasons] = $out->given[$i];
            $id = $one->athlete->id()->toRfc4122();
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
            SentenceView::of(GearSources::ideal(Handle::usual()), $gym->unit())->sentence,
        );
    }

    /** For the wall: which rope is for which height, by which rule. */
    public function strip(): StripView
    {
        $gym = $this->gyms->current();
        $usual = $gym->handleLengthM();
        $handle = null === $usual ? Handle::usual() : Handle::ofLength(Length::ofMetres($usual));
        $ropes = array_map(static fn (RackRope $rope): SharedRope => $rope->toCore(), $this->rack->present());
        $given = array_values(
            array_filter($ropes, static fn (SharedRope $rope): bool => $rope->isSafe() && !$rope->keptBack),
        );

        return new StripView(
            array_map(HeightBandView::of(...), HeightStrip::of($given, $gym->beginnersSchool(), $handle, $gym->measuring())),
            SentenceView::of(GearSources::strip($gym->beginnersSchool(), $handle, $gym->measuring()), $gym->unit()),
            LocalDay::of($this->clock->now(), $gym->timeZone())->format('Y-m-d'),
        );
    }

    /**
     * @return list<Judged>
     */
    private function toServe(TonightInput $input): array
    {
        return array_values(array_filter(
            $this->judge->everybody(),
            static fn (Judged $one): bool => $input->everybody()
                || null === $one->rope
                || !$one->rope->inspection()->isSafe(),
        ));
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
     * @param list<Judged>           $served
     * @param list<RackRope>         $ropes
     * @param array<string, RopePin> $pins
     * @param School|null            $school one for all; null: each by their own
     *
     * @return list<RopeWish> the ropes that are wanted for them, with the handles of the rack
     */
    private function wishes(
        array $served,
        array $ropes,
        array $pins,
        ?School $school,
        \DateTimeImmutable $day,
    ): array {
        $tags = array_combine(
            array_map(static fn (RackRope $rope): string => $rope->id()->toRfc4122(), $ropes),
            array_map(static fn (RackRope $rope): string => $rope->tag(), $ropes),
        );
        $last = $this->rack->lastBefore($day);

        return array_map(static function (Judged $one) use ($tags, $pins, $last, $school): RopeWish {
            $id = $one->athlete->id()->toRfc4122();
            $pinned = isset($pins[$id]) ? $pins[$id]->rackRopeId()->toRfc4122() : null;
            $wanted = $one->wanted->withHandle(Handle::usual());
            $goal = $wanted->bySchool($school ?? $wanted->inForce->school)
                ?? throw new \LogicException('the handles of the rack are known');

            return new RopeWish(
                $one->athlete->profile()->firstName(),
                $goal->cable,
                $one->athlete->stage(),
                $tags[$last[$id] ?? ''] ?? null,
                null === $pinned ? null : $tags[$pinned] ?? '(off the rack)',
            );
        }, $served);
    }
}
