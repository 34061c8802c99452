<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Plan\Routine\MoveKind;
use Zumbo\Core\Plan\Routine\Moves;
use Zumbo\Core\Plan\Routine\Routine;
use Zumbo\Core\Plan\Routine\RoutineMove;
use Zumbo\Core\Stage\Stage;

final class RoutineTest extends TestCase
{
    /** By hand: half a minute at 110 is 55 beats; two poses of four leave 47. */
    public function testItBeginsAndEndsWithAPoseAndFillsTheTime(): void
    {
        $routine = Routine::of(30, 110, Moves::named(['boxer-step', 'side-straddle', 'skier', 'side-swing', 'criss-cross']));
        $beats = array_map(static fn (RoutineMove $move): int => $move->beats, $routine->moves);
        self::assertSame(55, array_sum($beats));
        self::assertEqualsWithDelta(30.0, $routine->seconds(), 1e-9);
        self::assertSame([4, 4], [$beats[0], $beats[\count($beats) - 1]]);
        self::assertSame([MoveKind::Pose, MoveKind::Pose], [$routine->moves[0]->kind, $routine->moves[\count($beats) - 1]->kind]);
        self::assertCount(7, $routine->moves);
    }

    public function testItsBeatsLastAsLongAsIt(): void
    {
        $routine = Routine::of(30, 110, Moves::named(['boxer-step', 'side-straddle', 'criss-cross']));
        $beats = $routine->beats();
        self::assertEqualsWithDelta(30.0, $beats[\count($beats) - 1]->endS, 1e-6);
        self::assertNull($beats[0]->kind, 'it opens with a pose');
        self::assertCount(47 + 2, $beats, 'a jump to each beat between the poses');
    }

    public function testEachKindHasItsTurnBeforeASecondOfAny(): void
    {
        $routine = Routine::of(30, 100, Moves::upTo(Stage::Range));
        $kinds = array_unique(array_map(static fn (RoutineMove $move): string => $move->kind->value, $routine->moves));
        self::assertContains(MoveKind::Backward->value, $kinds);
        self::assertContains(MoveKind::Cross->value, $kinds);
        self::assertContains(MoveKind::Swing->value, $kinds);
    }

    public function testWhatALevelHasNotLearntIsNotOffered(): void
    {
        $of = static fn (Stage $stage): array => array_map(static fn ($move): string => $move->code, Moves::upTo($stage));
        self::assertNotContains('crossed-double', $of(Stage::Range));
        self::assertContains('running-crosses', $of(Stage::Hold));
        self::assertSame([], $of(Stage::Singles));
    }

    public function testItIsLongerOnceDoublesHold(): void
    {
        self::assertSame(30, Routine::usualSeconds(Stage::Link));
        self::assertSame(45, Routine::usualSeconds(Stage::Hold));
    }

    public function testTwoMovesAreNone(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('moves');
        Routine::of(30, 110, Moves::named(['boxer-step', 'skier']));
    }
}
