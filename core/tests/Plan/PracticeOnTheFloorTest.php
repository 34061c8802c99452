<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Allowance\Allowance;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Drill\DrillShelf;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Plan\Practice\Block;
use Zumbo\Core\Plan\Practice\FaultAtWork;
use Zumbo\Core\Plan\Practice\LeftOut;
use Zumbo\Core\Plan\Practice\LeftOutReason;
use Zumbo\Core\Plan\Practice\Participant;
use Zumbo\Core\Plan\Practice\PlanPractice;
use Zumbo\Core\Plan\Practice\PlanRule;
use Zumbo\Core\Plan\Practice\Practice;
use Zumbo\Core\Plan\Practice\PracticeWish;
use Zumbo\Core\Plan\Practice\Slot;
use Zumbo\Core\Plan\Practice\WarmUpItem;
use Zumbo\Core\Sets\Ladder\LadderPace;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Hazard;

/**
 * Evenings as they are, written from common practice (no published source), not from the rules that answer them.
 */
final class PracticeOnTheFloorTest extends TestCase
{
    private const HARBOUR = ['bar' => 1, 'band' => 2, 'mat' => 4, 'towel' => 6, 'step' => 2, 'partner' => 14];

    public function testHalfAnHourHasAProperWarmUpAndAddsUp(): void
    {
        $practice = self::planned(30, [self::athlete('a', Stage::Range)]);
        self::assertSame(1800, array_sum($practice->sections));
        self::assertGreaterThanOrEqual(300, $practice->sections['warm-up']);
        self::assertLessThanOrEqual(480, $practice->sections['warm-up']);
        self::assertSame(array_column(Slot::cases(), 'value'), array_keys($practice->sections));
        self::assertContains('heel-walks', self::items($practice, 'a', Slot::WarmUp), 'against shin pain');
    }

    public function testTwelveMinutesKeepAMinuteAndAHalfOfWarmUpAndSayThatTheyAreShort(): void
    {
        $practice = self::planned(12, [self::athlete('a', Stage::Singles)]);
        self::assertGreaterThanOrEqual(90, $practice->sections['warm-up']);
        self::assertSame('plan.short_class', $practice->notes[0]->code);
    }

    public function testTwoMinutesAreNoPractice(): void
    {
        $practice = self::planned(2, [self::athlete('a', Stage::Singles)]);
        self::assertSame([], $practice->sections);
        self::assertSame('plan.too_short', $practice->notes[0]->code);
    }

    public function testASoreShinIsNotLoadedAnywhere(): void
    {
        $sore = Allowance::noJump([BodyPart::Shin], 0, false, [Verdict::of('allowance.no_jump')]);
        $practice = self::planned(30, [self::athlete('a', Stage::Mix, allowance: $sore)]);
        self::assertSame(0, $practice->contacts('a'));
        foreach ($practice->blocks['a'] as $block) {
            foreach (self::codes($block) as $code) {
                self::assertTrue(DrillTable::named($code)->spares([BodyPart::Shin]), $code);
            }
        }
        self::assertSame(PlanRule::NoJump, $practice->block('a', Slot::Main)?->rule);
        self::assertNotContains('heel-walks', self::items($practice, 'a', Slot::WarmUp));
    }

    public function testWhoMayDoNothingSitsOut(): void
    {
        $nothing = Allowance::nothing([], [Verdict::of('allowance.nothing')]);
        $practice = self::planned(20, [self::athlete('a', Stage::Hold, allowance: $nothing)]);
        self::assertSame([], $practice->blocks['a']);
        self::assertSame('plan.sits_out', $practice->notesOf['a'][0]->code);
    }

    public function testEvenJumpsAreNeverMixed(): void
    {
        $ways = Ways::of(['method' => 'even-jump']);
        for ($seed = 1; $seed <= 40; ++$seed) {
            foreach ([Stage::Snap, Stage::Link, Stage::Hold, Stage::Workout] as $stage) {
                $practice = self::planned(30, [self::athlete('a', $stage, ways: $ways)], $seed);
                foreach ($practice->blocks['a'] as $block) {
                    self::assertTrue(null === $block->pattern || $ways->method->allows($block->pattern), $block->title);
                }
            }
        }
    }

    public function testThreeWithOneFaultGetOneDrillTogether(): void
    {
        $fault = new FaultAtWork('hands-wide', 'elbow-hold');
        $practice = self::planned(20, [
            self::athlete('a', Stage::Singles, fault: $fault),
            self::athlete('b', Stage::Range, fault: $fault),
            self::athlete('c', Stage::Link, fault: $fault),
            self::athlete('d', Stage::Jump),
        ]);
        $codes = array_map(static fn (string $key): ?string => $practice->block($key, Slot::Focus)?->code, ['a', 'b', 'c']);
        self::assertCount(1, array_unique($codes));
        self::assertSame(PlanRule::SharedFault, $practice->block('b', Slot::Focus)?->rule);
    }

    public function testAFaultAloneIsTheOneFocus(): void
    {
        $practice = self::planned(20, [self::athlete('a', Stage::Link, fault: new FaultAtWork('late-spin', null))]);
        self::assertSame(PlanRule::Fault, $practice->block('a', Slot::Focus)?->rule);
    }

    public function testWhatWasDoneLastTimeIsNotDoneAgainWhereThereIsAnother(): void
    {
        $practice = self::planned(20, [self::athlete('a', Stage::Singles, last: ['fifty-calm'])]);
        $main = $practice->block('a', Slot::Main);
        self::assertNotSame('fifty-calm', $main?->code);
        self::assertSame(PlanRule::Variety, $main?->rule);
        self::assertContains('fifty-calm', self::leftOut($main, LeftOutReason::DoneLastTime));
    }

    public function testDoublesBetweenTheSetsAreForWhoHasThem(): void
    {
        $practice = self::planned(40, [self::athlete('link', Stage::Link), self::athlete('singles', Stage::Singles)]);
        self::assertContains('between-the-sets', self::items($practice, 'link', Slot::WarmUp));
        self::assertNotContains('between-the-sets', self::items($practice, 'singles', Slot::WarmUp));
    }

    public function testOneSchoolWarmsUpWithTheRope(): void
    {
        $with = self::planned(30, [self::athlete('a', Stage::Range, ways: Ways::of(['warm-up' => 'with-the-rope']))]);
        self::assertContains('easy-rope', self::items($with, 'a', Slot::WarmUp));
        self::assertNotContains('easy-rope', self::items(self::planned(30, [self::athlete('a', Stage::Range)]), 'a', Slot::WarmUp));
    }

    public function testTheSameSeedIsTheSamePlan(): void
    {
        $class = [self::athlete('a', Stage::Range), self::athlete('b', Stage::Link), self::athlete('c', Stage::Join)];
        self::assertEquals(self::planned(25, $class, 4), self::planned(25, $class, 4));
        $focus = [];
        for ($seed = 1; $seed <= 12; ++$seed) {
            $focus[] = self::planned(25, [self::athlete('a', Stage::Range)], $seed)->block('a', Slot::Focus)?->code;
        }
        self::assertGreaterThan(1, \count(array_unique($focus)), 'another seed is another plan');
    }

    public function testAPinHoldsUnlessItHurts(): void
    {
        $pins = ['a' => ['main' => 'hundred']];
        $wish = PracticeWish::of(20, pins: $pins);
        $held = PlanPractice::of($wish, [self::athlete('a', Stage::Singles)], DrillShelf::library());
        $held = $held->block('a', Slot::Main);
        self::assertSame(['hundred', PlanRule::Pin], [$held?->code, $held?->rule]);
        $sore = Allowance::noJump([BodyPart::Calf], 0, false, [Verdict::of('allowance.no_jump')]);
        $hurt = PlanPractice::of($wish, [self::athlete('a', Stage::Singles, allowance: $sore)], DrillShelf::library());
        self::assertNotSame('hundred', $hurt->block('a', Slot::Main)?->code);
    }

    public function testAPinOfHandWorkYieldsToASoreWrist(): void
    {
        $wish = PracticeWish::of(20, pins: ['a' => ['main' => 'side-turns']]);
        $sore = Allowance::noJump([BodyPart::Wrist], 0, false, [Verdict::of('allowance.no_jump')]);
        $main = PlanPractice::of($wish, [self::athlete('a', Stage::Turn, allowance: $sore)], DrillShelf::library())->block('a', Slot::Main);
        self::assertNotSame('side-turns', $main?->code);
        $fine = Allowance::noJump([], 0, false, [Verdict::of('allowance.no_jump')]);
        $main = PlanPractice::of($wish, [self::athlete('a', Stage::Turn, allowance: $fine)], DrillShelf::library())->block('a', Slot::Main);
        self::assertSame('side-turns', $main?->code);
    }

    public function testWhatStandsStaysWhenSomethingElseChanges(): void
    {
        $class = [self::athlete('a', Stage::Range), self::athlete('b', Stage::Link)];
        $before = self::planned(25, $class, 3);
        $kept = [];
        foreach ($before->blocks as $key => $blocks) {
            foreach ($blocks as $block) {
                $kept[$key][$block->slot->value] = $block->code;
            }
        }
        $refused = ['a' => ['focus' => [(string) $before->block('a', Slot::Focus)?->code]]];
        unset($kept['a']['focus']);
        $wish = PracticeWish::of(25, equipment: self::HARBOUR, seed: 99, kept: $kept, refused: $refused);
        $after = PlanPractice::of($wish, $class, DrillShelf::library());
        self::assertNotSame($before->block('a', Slot::Focus)?->code, $after->block('a', Slot::Focus)?->code);
        self::assertSame($before->block('b', Slot::Focus)?->code, $after->block('b', Slot::Focus)?->code);
        self::assertSame($before->block('a', Slot::Main)?->code, $after->block('a', Slot::Main)?->code);
    }

    public function testWithoutARopeThereIsStillWork(): void
    {
        $practice = self::planned(20, [self::athlete('a', Stage::Link, hasRope: false)]);
        self::assertSame('plan.no_rope', $practice->notesOf['a'][0]->code);
        self::assertCount(5, $practice->blocks['a']);
    }

    public function testAfterABadDayItIsLighterAndSaysSo(): void
    {
        $usual = self::planned(30, [self::athlete('a', Stage::Hold)]);
        $lighter = self::planned(30, [self::athlete('a', Stage::Hold, lighter: true)]);
        self::assertLessThanOrEqual(0.6 * 1300, $lighter->contacts('a'));
        self::assertSame('plan.lighter', $lighter->notesOf['a'][0]->code);
        self::assertNotSame(PlanRule::Game, $lighter->block('a', Slot::Finish)?->rule, 'no game after it: an easy end');
        self::assertNotSame([], $usual->blocks['a']);
    }

    public function testASetAimsAtWhatIsMadeAbout85TimesIn100(): void
    {
        // 0.995 a rep: 32 in a row are made 85 times in 100, so 30 is called.
        $pace = new LadderPace(Hazard::constant(0.005), Hazard::untaughtDoubles(), 0.5, 0.58, 5, 8);
        $main = self::planned(20, [self::athlete('a', Stage::Singles, pace: $pace)])->block('a', Slot::Main);
        self::assertSame(['fifty-calm', 30], [$main?->code, $main?->aim]);
    }

    public function testTheMinutesCanBeDragged(): void
    {
        $wish = PracticeWish::of(30, seconds: ['warm-up' => 600, 'finish' => 0]);
        $practice = PlanPractice::of($wish, [self::athlete('a', Stage::Range)], DrillShelf::library());
        self::assertSame(600, $practice->sections['warm-up']);
        self::assertArrayNotHasKey('finish', $practice->sections);
        self::assertSame(1800, array_sum($practice->sections));
        $this->expectException(OutOfRange::class);
        PlanPractice::of(PracticeWish::of(10, seconds: ['warm-up' => 590]), [self::athlete('a', Stage::Range)], DrillShelf::library());
    }

    /** @param list<string> $equipment */
    #[DataProvider('floors')]
    public function testWhatIsNotThereIsNotPlanned(string $code, array $equipment): void
    {
        for ($seed = 1; $seed <= 20; ++$seed) {
            $wish = PracticeWish::of(30, equipment: array_fill_keys($equipment, 3), seed: $seed);
            foreach (PlanPractice::of($wish, [self::athlete('a', Stage::Snap)], DrillShelf::library())->blocks['a'] as $block) {
                self::assertNotSame($code, $block->code);
            }
        }
    }

    /**
     * @return iterable<string, array{string, list<string>}>
     */
    public static function floors(): iterable
    {
        yield 'no bar to tap' => ['bar-taps', ['ball-on-cord']];
        yield 'no ball on a cord' => ['ball-on-a-cord', ['bar']];
    }

    /**
     * @param list<Participant> $athletes
     */
    private static function planned(int $minutes, array $athletes, int $seed = 1): Practice
    {
        return PlanPractice::of(PracticeWish::of($minutes, equipment: self::HARBOUR, seed: $seed), $athletes, DrillShelf::library());
    }

    /**
     * @param list<string> $last
     */
    private static function athlete(
        string $key,
        Stage $stage,
        ?Ways $ways = null,
        ?Allowance $allowance = null,
        ?FaultAtWork $fault = null,
        array $last = [],
        ?LadderPace $pace = null,
        bool $hasRope = true,
        bool $lighter = false,
    ): Participant {
        return new Participant(
            $key,
            $stage,
            $ways ?? Ways::usual(),
            $allowance ?? Allowance::all(1300, 3900),
            0,
            $fault,
            $last,
            $pace,
            $hasRope,
            $lighter,
        );
    }

    /**
     * @return list<string>
     */
    private static function items(Practice $practice, string $key, Slot $slot): array
    {
        return array_map(static fn (WarmUpItem $item): string => $item->code, $practice->block($key, $slot)->items ?? []);
    }

    /**
     * @return list<string>
     */
    private static function codes(Block $block): array
    {
        return [] === $block->items && DrillTable::has($block->code)
            ? [$block->code]
            : array_map(static fn (WarmUpItem $item): string => $item->code, $block->items);
    }

    /**
     * @return list<string>
     */
    private static function leftOut(?Block $block, LeftOutReason $reason): array
    {
        $of = array_filter($block->leftOut ?? [], static fn (LeftOut $one): bool => $one->reason === $reason);

        return array_values(array_map(static fn (LeftOut $one): string => $one->code, $of));
    }
}
