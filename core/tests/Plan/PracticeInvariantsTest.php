<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillShelf;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Plan\Choice\BestChoice;
use Zumbo\Core\Plan\Practice\Block;
use Zumbo\Core\Plan\Practice\Candidate;
use Zumbo\Core\Plan\Practice\Participant;
use Zumbo\Core\Plan\Practice\PlanPractice;
use Zumbo\Core\Plan\Practice\Practice;
use Zumbo\Core\Plan\Practice\PracticeWish;
use Zumbo\Core\Plan\Practice\Slot;
use Zumbo\Core\Plan\Practice\WarmUpItem;

/**
 * What no plan may ever break, over five thousand random athletes in random halls.
 */
final class PracticeInvariantsTest extends TestCase
{
    private const CLASSES = 1000;
    private const SIZE = 5;

    public function testMinutesContactsThingsCautionsAndMethodsAreNeverViolated(): void
    {
        $floor = new RandomFloor(20);
        $shelf = DrillShelf::library();
        $athletes = 0;
        for ($i = 0; $i < self::CLASSES; ++$i) {
            $class = array_map($floor->athlete(...), range(1, self::SIZE));
            $wish = $floor->wish();
            $practice = PlanPractice::of($wish, $class, $shelf);
            self::thingsAreEnough($practice, $wish, "class $i");
            self::assertLessThanOrEqual(BestChoice::GAP, $practice->gap());
            foreach ($class as $athlete) {
                self::holdsFor($athlete, $practice, $wish, "class $i, {$athlete->stage->value}");
                ++$athletes;
            }
        }
        self::assertSame(5000, $athletes);
    }

    private static function holdsFor(Participant $athlete, Practice $practice, PracticeWish $wish, string $where): void
    {
        $blocks = $practice->blocks[$athlete->key];
        if (!$athlete->takesPart()) {
            self::assertSame([], $blocks, "$where: sits out");

            return;
        }
        self::assertSame($wish->totalS, array_sum(array_map(static fn (Block $block): int => $block->seconds, $blocks)), "$where: minutes");
        self::assertLessThanOrEqual($athlete->allowance->contactsLeftToday, $practice->contacts($athlete->key), "$where: contacts");
        $codes = array_values(array_diff(array_map(static fn (Block $block): string => $block->code, $blocks), [Candidate::REST]));
        self::assertSame(array_values(array_unique($codes)), $codes, "$where: nothing twice");
        foreach ($blocks as $block) {
            self::assertNotSame('', $block->why->code);
            if (!$athlete->allowance->offersJumps()) {
                self::assertSame(0, $block->contacts, "$where: no landing in {$block->title}");
            }
            foreach (self::drillsOf($block) as $drill) {
                self::mayBeDone($drill, $athlete, $block, $where);
            }
            self::assertSame(
                array_sum(array_map(static fn (WarmUpItem $item): int => $item->seconds, $block->items)),
                [] === $block->items ? 0 : $block->seconds,
                "$where: the parts of {$block->title}",
            );
        }
    }

    private static function mayBeDone(Drill $drill, Participant $athlete, Block $block, string $where): void
    {
        self::assertTrue($drill->spares($athlete->allowance->sore), "$where: {$drill->code} loads what is sore");
        self::assertTrue($drill->fits($athlete->ways), "$where: {$drill->code} is not taught so");
        if (!$athlete->hasRope) {
            self::assertNotContains(Equipment::Rope, $drill->notes->needs, "$where: {$drill->code} without a rope");
        }
    }

    private static function thingsAreEnough(Practice $practice, PracticeWish $wish, string $where): void
    {
        foreach ([Slot::Focus, Slot::Main, Slot::Finish] as $slot) {
            $used = [];
            foreach (array_keys($practice->blocks) as $person) {
                $block = $practice->block($person, $slot);
                foreach (null === $block ? [] : self::drillsOf($block) as $drill) {
                    foreach ($drill->notes->needs as $thing) {
                        $used[$thing->value] = ($used[$thing->value] ?? 0) + 1;
                    }
                }
            }
            foreach ($used as $thing => $times) {
                $there = \in_array($thing, ['rope', 'line', 'wall'], true) ? $times : $wish->equipment[$thing] ?? 0;
                self::assertLessThanOrEqual($there, $times, "$where: $thing in {$slot->value}");
            }
        }
    }

    /**
     * @return list<Drill>
     */
    private static function drillsOf(Block $block): array
    {
        $codes = [] === $block->items ? [$block->code] : array_map(static fn (WarmUpItem $item): string => $item->code, $block->items);

        return array_map(DrillTable::named(...), array_values(array_filter($codes, DrillTable::has(...))));
    }
}
