<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Path\OwnDrills;
use Zumbo\App\Entity\Plan\PlannedPractices;
use Zumbo\App\Entity\Plan\PlannedWish;
use Zumbo\App\Planner\Practice\People\PlannedPerson;
use Zumbo\App\Planner\Practice\People\ReadParticipants;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Plan\Practice\Block;
use Zumbo\Core\Plan\Practice\PlanPractice;
use Zumbo\Core\Plan\Practice\PlanRule;
use Zumbo\Core\Plan\Practice\Practice;
use Zumbo\Core\Plan\Practice\Slot;
use Zumbo\Core\Rhythm\Pattern;

/**
 * Makes the practice of tonight from what is asked of it and everybody who is here.
 *
 * @phpstan-import-type Main from PlannedWish
 */
final readonly class PlanTonight
{
    /** What most halls have (our assumption), until a coach says how many there are. */
    private const USUAL = [
        'bar' => 1,
        'band' => 4,
        'towel' => 10,
        'mirror' => 1,
        'mat' => 6,
        'step' => 2,
        'partner' => 100,
        'cards' => 0,
        'ball-on-cord' => 0,
        'long-rope' => 0,
    ];

    public function __construct(
        private ReadParticipants $people,
        private PlannedPractices $planned,
        private OwnDrills $drills,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    /** What is asked where nobody said anything yet. */
    public function usualWish(): PlannedWish
    {
        $gym = $this->gyms->current();
        $day = LocalDay::of($this->clock->now(), $gym->timeZone());
        $last = $this->planned->before($day)?->wish();
        // Another evening is another plan.
        $seed = (int) $day->format('ymd');

        return new PlannedWish(
            $last->minutes ?? PlannedWish::USUAL_MINUTES,
            $last->hardFloor ?? false,
            $seed,
            array_replace(self::USUAL, $last->equipment ?? []),
            array_intersect_key($last->seconds ?? [], array_flip($last->habits ?? [])),
            habits: $last->habits ?? [],
        );
    }

    /**
     * @return array{Practice, array<string, PlannedPerson>}
     *
     * @throws BadField when the parts do not fit the minutes
     */
    public function practice(PlannedWish $wish): array
    {
        return $this->practiceOf($this->people->tonight($this->gyms->current()), $wish);
    }

    /**
     * @return array{Practice, array<string, PlannedPerson>} for one athlete
     *
     * @throws BadField when the parts do not fit the minutes
     */
    public function alone(Uuid $id, PlannedWish $wish): array
    {
        return $this->practiceOf($this->people->alone($id, $this->gyms->current()), $wish);
    }

    /**
     * @param array<string, PlannedPerson> $people
     *
     * @return array{Practice, array<string, PlannedPerson>}
     */
    private function practiceOf(array $people, PlannedWish $wish): array
    {
        try {
            $practice = PlanPractice::of(
                $wish->toCore(),
                array_values(array_map(static fn (PlannedPerson $one) => $one->participant, $people)),
                $this->drills->shelf(),
            );
        } catch (OutOfRange $e) {
            throw BadField::of('parts', (string) array_sum($wish->seconds), $e->accepted);
        }

        return [$practice, $people];
    }

    /** The same with what was chosen, so that it stays when something else changes. */
    public function settled(PlannedWish $wish): PlannedWish
    {
        [$practice] = $this->practice($wish);
        $kept = $mains = [];
        foreach ($practice->blocks as $person => $blocks) {
            foreach ($blocks as $block) {
                $kept[$person][$block->slot->value] = $block->code;
                // What is done instead of jumping holds only as long as jumping is off: the hall says that by itself.
                if (Slot::Main === $block->slot && null !== $block->pattern && PlanRule::NoJump !== $block->rule) {
                    $mains[$person] = self::main($block, $block->pattern);
                }
            }
        }

        return $wish->choosing($kept, $mains);
    }

    /**
     * @return Main
     */
    private static function main(Block $block, Pattern $pattern): array
    {
        return [
            'code' => $block->code,
            'title' => $block->title,
            'notation' => $pattern->notation(),
            'cadence' => $block->cadence,
            'countKind' => $block->countKind->value,
            'aim' => $block->aim,
            'sets' => $block->sets,
            'cue' => $block->cue,
            'why' => SentenceView::of($block->why, LengthUnit::Centimetre)->sentence,
        ];
    }

    /**
     * @return list<Equipment> what there may be too little of
     */
    public static function things(): array
    {
        return array_map(Equipment::from(...), array_keys(self::USUAL));
    }
}
