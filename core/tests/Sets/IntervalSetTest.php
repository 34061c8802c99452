<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sets;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Sets\ClockPhase;
use Zumbo\Core\Sets\IntervalError;
use Zumbo\Core\Sets\IntervalSet;
use Zumbo\Core\Stage\Stage;

final class IntervalSetTest extends TestCase
{
    /**
     * Names as coaches write them on a board (common practice, no published source).
     */
    #[DataProvider('stations')]
    public function testAStationCostsWhatIsDoneThere(string $station, Stage $stage, int $contacts): void
    {
        self::assertSame($contacts, IntervalSet::of(30, 15, 2, [$station])->contacts(Rate::perMinute(110.0), $stage));
    }

    /**
     * @return iterable<string, array{string, Stage, int}>
     */
    public static function stations(): iterable
    {
        yield 'hands' => ['one-hand turns', Stage::Link, 0];
        yield 'hands, as in the table' => ['Spin the handle in still fingers', Stage::Link, 0];
        yield 'standing claps' => ['standing claps', Stage::Link, 0];
        yield 'plank' => ['Plank', Stage::Hold, 0];
        yield 'no rope' => ['jumps without a rope', Stage::Link, 100];
        yield 'hops' => ['Hops', Stage::Jump, 100];
        yield 'tall singles' => ['tall singles', Stage::Link, 103];
        yield 'singles' => ['singles', Stage::Singles, 95];
        yield 'doubles of a learner' => ['doubles', Stage::Link, 60];
        yield 'doubles of a strong one' => ['Double unders', Stage::Hold, 75];
        yield 'double bounce is no double' => ['double bounce', Stage::Join, 160];
        yield 'claps in the air' => ['claps', Stage::Snap, 60];
        yield 'nobody knows' => ['criss-cross', Stage::Workout, 110];
    }

    /** By hand: eight times twenty seconds, seven rests between. */
    public function testTotalsByHand(): void
    {
        $set = IntervalSet::of(20, 10, 8);
        self::assertSame([160, 70, 230], [$set->totalWorkS(), $set->totalRestS(), $set->totalS()]);
        self::assertSame(293, $set->jumps(Rate::perMinute(110.0)));
    }

    /** Common practice, no published source: four stations at 20/10, twice through. */
    public function testACircuitIsWorkedStationByStation(): void
    {
        $set = IntervalSet::parse('20/10 x2: jumps without rope, one-hand double turns, tall singles, doubles');
        self::assertSame([8, 160, 70], [$set->worksCount(), $set->totalWorkS(), $set->totalRestS()]);
        self::assertSame('doubles', $set->phases()[6]->station);
        self::assertSame(
            [1, 1, 2],
            [$set->phases()[6]->round, $set->phases()[7]->round, $set->phases()[8]->round],
            'a rest belongs to the round before it',
        );
    }

    public function testPhasesAddUpToTheTotalsAndEndWithWork(): void
    {
        foreach (
            [[20, 10, 8, []], [30, 0, 3, ['a', 'b']], [1, 600, 60, []], [90, 45, 1, ['x']]] as [$work, $rest, $rounds, $stations]
        ) {
            $set = IntervalSet::of($work, $rest, $rounds, $stations);
            $phases = $set->phases();
            self::assertSame(
                $set->totalS(),
                array_sum(array_map(static fn (ClockPhase $phase): int => $phase->seconds, $phases)),
            );
            self::assertSame('work', $phases[\count($phases) - 1]->kind->value);
        }
    }

    #[DataProvider('texts')]
    public function testTheTextFormIsReadAndWritten(string $written, string $canonical): void
    {
        $set = IntervalSet::parse($written);
        self::assertSame($canonical, $set->text());
        self::assertEquals($set, IntervalSet::parse($canonical));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function texts(): iterable
    {
        yield 'seconds' => ['20/10 x8', '20/10 x8'];
        yield 'with units, blanks and the real sign' => [' 20 s / 10 s × 8 ', '20/10 x8'];
        yield 'minutes' => ['3:00/1:30 x4', '3:00/90 x4'];
        yield 'a circuit' => ['20/10x2:hops ,  tall singles', '20/10 x2: hops, tall singles'];
        yield 'no rest' => ['60/0 x1', '60/0 x1'];
    }

    #[DataProvider('badTexts')]
    public function testWhatCantBeReadIsNamedWithTheAcceptedForm(string $text, string $message): void
    {
        $this->expectException(IntervalError::class);
        $this->expectExceptionMessage($message);
        IntervalSet::parse($text);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function badTexts(): iterable
    {
        yield 'nothing' => ['', 'interval set "": work/rest xrounds'];
        yield 'no rounds' => ['20/10', 'interval set "20/10": work/rest xrounds'];
        yield 'no work' => ['0/10 x8', 'work "0 s": from 1 to 600 s'];
        yield 'too long a rest' => ['20/11:00 x2', 'rest "660 s": from 0 to 600 s'];
        yield 'a minute of 75 s' => ['1:75/10 x2', 'work "1:75": seconds like 20'];
        yield 'too many rounds' => ['20/10 x61', 'rounds "61": from 1 to 60'];
        yield 'an empty station' => ['20/10 x2: hops,', 'station "": a name of 1 to 40 characters'];
        yield 'too many stations' => ['20/10 x1: '.implode(',', range('a', 'm')), 'stations "13": at most 12'];
    }

    /** A circuit mixes jumps and must not move a gate; plain intervals are counted as the gate counts. */
    public function testACircuitNeverCountsAsTheGateDoes(): void
    {
        foreach (Stage::cases() as $stage) {
            $hold = \in_array($stage, [Stage::Jump, Stage::Mix], true);
            self::assertSame(
                $hold ? CountKind::Hold : CountKind::Streak,
                IntervalSet::of(20, 10, 8)->measuredBy(GateTable::of($stage, Ways::usual())),
            );
            self::assertSame(
                $hold ? CountKind::Streak : CountKind::Hold,
                IntervalSet::of(20, 10, 8, ['hops'])->measuredBy(GateTable::of($stage, Ways::usual())),
            );
        }
    }
}
