<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Drill;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Drill\DrillShelf;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Drill\UnknownDrill;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\TodaysSet;
use Zumbo\Core\Stage\Stage;

final class DrillTableTest extends TestCase
{
    public function testEveryStageHasDrillsAndTheStagesOfTheClassHaveThree(): void
    {
        foreach (Stage::cases() as $stage) {
            $drills = DrillTable::ofStage($stage, Ways::usual());
            self::assertGreaterThanOrEqual(
                \in_array($stage, [Stage::Join, Stage::Singles, Stage::Mix, Stage::Link], true) ? 3 : 1,
                \count($drills),
            );
            foreach ($drills as $drill) {
                self::assertSame($stage, $drill->stage);
                self::assertEquals($drill, DrillTable::named($drill->code));
                self::assertGreaterThan(0, $drill->pattern->jumps());
                self::assertLessThanOrEqual(7, str_word_count($drill->cue), 'a cue is called across a loud room');
            }
        }
    }

    public function testDrillsComeInTurnOnePracticeEach(): void
    {
        $set = static fn (int $before): TodaysSet => TodaysSet::of(Stage::Mix, DrillShelf::library(), Ways::usual(), $before);
        $codes = array_map(static fn (int $before): string => $set($before)->drill->code, [
            0,
            1,
            2,
            3,
        ]);
        self::assertSame(['three-and-one', 'five-and-one', 'two-and-one', 'three-and-one'], $codes);
        self::assertSame(2, TodaysSet::of(Stage::Mix, DrillShelf::library(), Ways::usual(), 4)->reason->values['number']);
    }

    public function testTheDoseIsPlain(): void
    {
        self::assertSame('3 × 30 s', DrillTable::named('three-and-one')->dose());
        self::assertSame('4 × 10 unbroken', DrillTable::named('ten-in-a-row')->dose());
        self::assertSame('2 × 10 tries', DrillTable::named('one-double-stop')->dose());
    }

    public function testAnUnknownDrillIsNamed(): void
    {
        $this->expectException(UnknownDrill::class);
        $this->expectExceptionMessage('drill "moonwalk": one of side-turns');
        DrillTable::named('moonwalk');
    }
}
