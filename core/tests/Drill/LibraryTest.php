<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Drill;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillShelf;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Drill\DrillWords;
use Zumbo\Core\Fault\FaultTable;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Method\Sound;
use Zumbo\Core\Method\WarmUp;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Stage\Stage;

final class LibraryTest extends TestCase
{
    public function testEveryDrillSaysAllThatACoachReads(): void
    {
        $texts = [];
        self::assertGreaterThanOrEqual(80, \count(DrillTable::codes()));
        foreach (DrillTable::all() as $drill) {
            $notes = $drill->notes;
            foreach ([$drill->title, $drill->why, $notes->how, $notes->watch, $notes->mistake] as $text) {
                self::assertNotSame('', $text, $drill->code);
                self::assertArrayNotHasKey($text, $texts, 'no two drills share their text: '.$drill->code);
                $texts[$text] = true;
            }
            self::assertNotSame('', $drill->cue);
            foreach ([$notes->easier, $notes->harder] as $neighbour) {
                self::assertTrue(null === $neighbour || DrillTable::has($neighbour), $drill->code.' → '.$neighbour);
            }
            foreach ($notes->fixes as $fault) {
                self::assertContains($fault, FaultTable::codes(), $drill->code);
            }
            self::assertContains($drill->stage, $drill->stages);
        }
    }

    public function testEveryDrillIsTaughtBySomeMethodAndEveryFaultLeadsToOneByAll(): void
    {
        foreach (DrillTable::all() as $drill) {
            $by = array_filter(self::allWays(), $drill->fits(...));
            self::assertNotSame([], $by, $drill->code);
        }
        foreach (FaultTable::all() as $fault) {
            foreach (self::allWays() as $ways) {
                $drill = $fault->drillBy($ways);
                self::assertTrue($drill->fits($ways));
                self::assertContains($fault->code, $drill->notes->fixes, $drill->code.' is given for '.$fault->code);
            }
        }
    }

    public function testEachMethodHasDrillsForEachOfItsStages(): void
    {
        foreach (self::allWays() as $ways) {
            foreach (Stage::cases() as $stage) {
                foreach (DrillTable::ofStage($stage, $ways) as $drill) {
                    self::assertTrue($ways->method->allows($drill->pattern), $drill->code);
                    self::assertTrue($drill->tellsOfGateAt($stage));
                }
            }
        }
        $codes = static fn (string $method): array => array_map(
            static fn (Drill $drill): string => $drill->code,
            DrillTable::ofStage(Stage::Snap, Ways::of(['method' => $method])),
        );
        self::assertSame(['one-double-stop'], $codes('pattern'));
        self::assertContains('standing-double', $codes('standing-start'));
        self::assertContains('tall-then-double', $codes('same-jump'));
        self::assertContains('two-clap-jumps', $codes('even-jump'), 'much work without a rope');
    }

    public function testSchoolsOfSoundAndWarmUpChooseTheirDrills(): void
    {
        $silent = Ways::of(['sound' => Sound::Silence->value]);
        self::assertFalse(DrillTable::named('click-singles')->fits($silent));
        self::assertTrue(DrillTable::named('silent-singles')->fits($silent));
        self::assertFalse(DrillTable::named('easy-rope')->fits(Ways::usual()));
        self::assertTrue(DrillTable::named('easy-rope')->fits(Ways::of(['warm-up' => WarmUp::WithTheRope->value])));
    }

    /** What goes along with a stage says nothing of its gate: sixteen boxer steps are no sixteen tall singles. */
    public function testOnlyWhatIsWorkedThroughTellsOfTheGate(): void
    {
        self::assertTrue(DrillTable::tellsOfGate('quick-and-tall', Stage::Range));
        self::assertFalse(DrillTable::tellsOfGate('boxer-step', Stage::Range));
        self::assertFalse(DrillTable::tellsOfGate('quick-and-tall', Stage::Link), 'of another stage');
        self::assertFalse(DrillTable::tellsOfGate(DrillShelf::OWN, Stage::Range));
        self::assertTrue(DrillTable::tellsOfGate('ladder-rising', Stage::Link));
    }

    public function testADrillThatFixesOfNothingLoadsItsPartsOnly(): void
    {
        self::assertSame([BodyPart::Wrist], DrillTable::named('side-turns')->loads());
        self::assertSame([], DrillTable::named('listen-to-doubles')->loads());
        self::assertContains(BodyPart::Shin, DrillTable::named('foot-pyramid')->loads());
        self::assertSame('toe-taps', DrillTable::titled('quick ALTERNATING toe taps on a low step')?->code);
        self::assertNull(DrillTable::titled('moonwalk'));
    }

    public function testAGymHidesCopiesAndAdds(): void
    {
        $words = new DrillWords('Our fifty', Pattern::parse('25s r5 25s'), 100, CountKind::Streak, 25, 4, 'easy', 'ours', 'As we do it.');
        $ways = Ways::usual();
        $own = Drill::own(Stage::Singles, $words);
        $shelf = new DrillShelf(['hundred'], ['fifty-calm' => DrillTable::named('fifty-calm')->inWords($words)], [$own]);
        $titles = array_map(static fn (Drill $drill): string => $drill->title, $shelf->ofStage(Stage::Singles, $ways));
        self::assertSame(['Our fifty', 'One minute without stopping'], $titles);
        self::assertSame('fifty-calm', $shelf->ofStage(Stage::Singles, $ways)[0]->code, 'logged as before');
        self::assertSame([$own], $shelf->own(Stage::Singles, $ways));
        self::assertSame([], $shelf->own(Stage::Link, $ways));
        self::assertSame($own, $shelf->all($ways)[0]);
        self::assertTrue($shelf->hides('hundred'));
        $all = new DrillShelf(array_map(static fn (Drill $drill): string => $drill->code, DrillTable::all()), [], []);
        self::assertEquals(DrillTable::ofStage(Stage::Link, $ways), $all->ofStage(Stage::Link, $ways), 'a stage needs a drill');
        $mixed = new DrillWords('Mixed', Pattern::parse('3s d'), 100, CountKind::Tries, 5, 2, '', '', '');
        $mixing = new DrillShelf([], [], [Drill::own(Stage::Link, $mixed)]);
        self::assertSame([], $mixing->own(Stage::Link, Ways::of(['method' => 'even-jump'])));
    }

    /**
     * @return list<Ways>
     */
    private static function allWays(): array
    {
        $all = [];
        foreach (Method::cases() as $method) {
            foreach (Sound::cases() as $sound) {
                foreach (WarmUp::cases() as $warmUp) {
                    $all[] = Ways::of(['method' => $method->value, 'sound' => $sound->value, 'warm-up' => $warmUp->value]);
                }
            }
        }

        return $all;
    }
}
