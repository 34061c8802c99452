<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Order;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Ropes\Rack;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\RopeDesk\Rack\Tonight\PlanGiving;
use Zumbo\App\RopeDesk\Rack\Tonight\TonightInput;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Today\RopeAction;

/**
 * Gathers what has to be bought: for athletes by the one verdict about their rope, for the rack by whom it can't serve
 * tonight and by what failed its inspection.
 */
final readonly class ListOrders
{
    public function __construct(
        private JudgeToday $judge,
        private PlanGiving $giving,
        private Rack $rack,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function list(): OrderListView
    {
        $gym = $this->gyms->current();

        return new OrderListView(
            LocalDay::of($this->clock->now(), $gym->timeZone())->format('Y-m-d'),
            [...$this->forAthletes($gym->unit()), ...$this->forRack($gym->unit())],
        );
    }

    /**
     * @return list<OrderLineView>
     */
    private function forAthletes(LengthUnit $unit): array
    {
        $lines = [];
        foreach ($this->judge->everybody() as $one) {
            $action = $one->today->rope->next->action;
            if (RopeAction::Buy === $action || RopeAction::SizeAnew === $action || RopeAction::AskHandles === $action) {
                $lines[] = self::line($one, $unit);
            }
        }

        return $lines;
    }

    private static function line(Judged $one, LengthUnit $unit): OrderLineView
    {
        $goal = $one->goal();
        if (true === $one->rope?->inspection()->failsInHandlesOnly()) {
            return self::handles($one->athlete->profile()->name, $one->rope->spec()->cableLengthM, $unit);
        }
        $open = $one->wanted->unhandled($one->rope?->spec()->stance);

        return OrderLineView::of(
            null === $one->rope ? OrderedThing::Rope : OrderedThing::Cable,
            $one->athlete->profile()->name,
            $goal?->cable->metres() ?? $open->cable?->metres(),
            $goal?->overall->metres() ?? $open->overall?->metres(),
            $one->today->cable->toBuy,
            SentenceView::of($one->today->rope->reasons[0], $unit),
        );
    }

    /**
     * @return list<OrderLineView>
     */
    private function forRack(LengthUnit $unit): array
    {
        $lines = [];
        foreach ($this->giving->tonight(new TonightInput())->given as $given) {
            if (null === $given->tag) {
                $lines[] = OrderLineView::of(
                    OrderedThing::SharedRope,
                    'Rack',
                    $given->idealM,
                    null,
                    null,
                    SentenceView::of(Verdict::of('order.serves', [
                        'name' => $given->firstName,
                        'ideal_m' => $given->idealM,
                    ]), $unit),
                );
            }
        }
        foreach ($this->rack->present() as $rope) {
            if ($rope->inspection()->failsInHandlesOnly()) {
                $lines[] = self::handles($rope->tag(), $rope->cableLengthM(), $unit);
            } elseif (!$rope->inspection()->isSafe()) {
                $lines[] = OrderLineView::of(
                    OrderedThing::SharedRope,
                    $rope->tag(),
                    $rope->cableLengthM(),
                    null,
                    $rope->family(),
                    SentenceView::of(Verdict::of('order.failed', ['tag' => $rope->tag()]), $unit),
                );
            }
        }

        return $lines;
    }

    private static function handles(string $for, float $cableM, LengthUnit $unit): OrderLineView
    {
        return OrderLineView::of(
            OrderedThing::Handles,
            $for,
            null,
            null,
            null,
            SentenceView::of(Verdict::of('order.handles', ['cable_m' => $cableM]), $unit),
        );
    }
}
