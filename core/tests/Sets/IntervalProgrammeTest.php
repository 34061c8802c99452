<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sets;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Sets\Interval\ClockPhase;
use Zumbo\Core\Sets\Interval\IntervalError;
use Zumbo\Core\Sets\Interval\IntervalPreset;
use Zumbo\Core\Sets\Interval\IntervalProgramme;
use Zumbo\Core\Sets\Interval\IntervalSet;
use Zumbo\Core\Sets\Interval\PhaseKind;
use Zumbo\Core\Sets\Interval\StationWork;
use Zumbo\Core\Stage\Stage;

final class IntervalProgrammeTest extends TestCase
{
    /**
     * Names as coaches write them on a board (common practice, no published source).
     */
    #[DataProvider('stations')]
    public function testAStationCostsWhatIsDoneThere(string $station, Stage $stage, int $contacts): void
    {
        $set = IntervalProgramme::of(IntervalSet::of(30, 15, 2, [$station]));
        self::assertSame($contacts, $set->contacts(Rate::perMinute(110.0), $stage));
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
        $set = IntervalProgramme::of(IntervalSet::of(20, 10, 8));
        self::assertSame([160, 70, 230], [$set->totalWorkS(), $set->totalRestS(), $set->totalS()]);
        self::assertSame(293, $set->jumps(Rate::perMinute(110.0)));
    }

    /** Common practice, no published source: four stations at 20/10, twice through. */
    public function testACircuitIsWorkedStationByStation(): void
    {
        $set = IntervalProgramme::parse('20/10 x2: jumps without rope, one-hand double turns, tall singles, doubles');
        self::assertSame([8, 160, 70], [$set->works(), $set->totalWorkS(), $set->totalRestS()]);
        self::assertSame('doubles', $set->phases[6]->station);
        self::assertSame(
            [1, 1, 2],
            [$set->phases[6]->round, $set->phases[7]->round, $set->phases[8]->round],
            'a rest belongs to the round before it',
        );
    }

    public function testPhasesAddUpToTheTotalsAndEndWithWork(): void
    {
        foreach (
            [[20, 10, 8, []], [30, 0, 3, ['a', 'b']], [1, 180, 60, []], [90, 45, 1, ['x']]] as [$work, $rest, $rounds, $stations]
        ) {
            $set = IntervalProgramme::of(IntervalSet::of($work, $rest, $rounds, $stations));
            $phases = $set->phases;
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
        $set = IntervalProgramme::parse($written);
        self::assertSame($canonical, $set->text());
        self::assertEquals($set, IntervalProgramme::parse($canonical));
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
        yield 'no rest' => ['60/0 x1', '60'];
        yield 'once' => ['20/10', '20/10'];
        yield 'several parts' => ['30/30;45/30; 60', '30/30; 45/30; 60'];
        yield 'a part again' => ['( 20/10 x8 ; rest 60s ) x 2', '(20/10 x8; rest 60) x2'];
        yield 'a part in a part' => ['((20/10 x2: hops; rest 30) x2; 60) x3', '((20/10 x2: hops; rest 30) x2; 60) x3'];
        yield 'brackets for nothing' => ['(20/10 x8)', '20/10 x8'];
    }

    #[DataProvider('badTexts')]
    public function testWhatCantBeReadIsNamedWithTheAcceptedForm(string $text, string $message): void
    {
        $this->expectException(IntervalError::class);
        $this->expectExceptionMessage($message);
        IntervalProgramme::parse($text);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function badTexts(): iterable
    {
        yield 'nothing' => ['', 'interval set "": work/rest xrounds'];
        yield 'a bracket left open' => ['(20/10 x8', 'interval set "(20/10 x8": work/rest xrounds'];
        yield 'something after it' => ['20/10 x8) x2', 'interval set "20/10 x8) x2": work/rest xrounds'];
        yield 'rest alone' => ['rest 60', 'works "0": from 1 to 300'];
        yield 'no times' => ['(20/10) x0', 'times "0": from 1 to 60'];
        yield 'too deep' => ['((((((20/10) x2; 5) x2; 5) x2; 5) x2; 5) x2; 5) x2', 'brackets "7": at most 6'];
        yield 'far too long' => ['10:00/10:00 x60', 'length "71400 s": at most 10800 s'];
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
                IntervalProgramme::of(IntervalSet::of(20, 10, 8))->measuredBy(GateTable::of($stage, Ways::usual())),
            );
            self::assertSame(
                $hold ? CountKind::Streak : CountKind::Hold,
                IntervalProgramme::of(IntervalSet::of(20, 10, 8, ['hops']))->measuredBy(GateTable::of($stage, Ways::usual())),
            );
        }
    }

    /** By hand: 8 × 30 s is 4:00, and 3:50 without the last rest; at 95 a minute 31.7 in each, 253 in all. */
    public function testBothTotalsAreKnown(): void
    {
        foreach ([false, true] as $keep) {
            $set = IntervalProgramme::parse('20/10 x8: singles', $keep);
            self::assertSame([240, 230], [$set->totalWithLastRestS(), $set->totalWithoutLastRestS()]);
            self::assertSame($keep ? 240 : 230, $set->totalS());
            self::assertSame(253, $set->contacts(Rate::perMinute(95.0), Stage::Singles));
        }
    }

    /** By hand: twice 33.3 hops, no contact by hand, 34.3 tall singles and 20 doubles is 175. */
    public function testFourStationsTwiceThrough(): void
    {
        $set = IntervalProgramme::parse(IntervalPreset::FourStations->value);
        self::assertSame(175, $set->contacts(Rate::perMinute(95.0), Stage::Link));
        self::assertSame(240, $set->totalWithLastRestS());
    }

    /** Totals against the sum of their parts: every part alone, plus the rests between. */
    public function testAPauseTakesThePlaceOfTheRestBeforeIt(): void
    {
        $set = IntervalProgramme::parse('(20/10 x8; rest 60; 30/15 x3) x2');
        $alone = IntervalProgramme::parse('20/10 x8')->totalS() + 60 + IntervalProgramme::parse('30/15 x3')->totalS();
        self::assertSame(2 * $alone + 15, $set->totalS(), 'and the last rest of the first time is between');
        self::assertSame(22, $set->works());
        self::assertSame(
            range(1, 22),
            array_values(array_map(
                static fn (ClockPhase $phase): int => $phase->round,
                array_filter($set->phases, static fn (ClockPhase $phase): bool => PhaseKind::Work === $phase->kind),
            )),
        );
    }

    public function testARestSaysWhatComesNext(): void
    {
        $phases = IntervalProgramme::parse('20/10 x2: hops, doubles')->phases;
        self::assertSame(['hops', 'doubles', 'doubles', 'hops', 'hops', 'doubles', 'doubles'], array_column($phases, 'station'));
    }

    /** 100 for time at 95 a minute: over after 63 s, and not 190 in two minutes. */
    public function testSoManyForTimeAreNoMore(): void
    {
        $set = IntervalProgramme::parse(IntervalPreset::HundredForTime->value);
        self::assertSame(100, $set->contacts(Rate::perMinute(95.0), Stage::Singles));
    }

    public function testRepsAreTheSetsOwnJumps(): void
    {
        $work = StationWork::at('5 reps', Stage::Hold, Rate::perMinute(110.0));
        self::assertSame([JumpKind::Double, 5.0], [$work->kind, $work->contacts(60)]);
        self::assertSame(JumpKind::Single, StationWork::at('5 reps', Stage::Singles, Rate::perMinute(95.0))->kind);
    }

    public function testEveryPresetIsReadAndWrittenAlike(): void
    {
        foreach (IntervalPreset::cases() as $preset) {
            $set = IntervalProgramme::parse($preset->value);
            self::assertEquals($set->phases, IntervalProgramme::parse($set->text())->phases);
            self::assertNotSame('', $preset->title());
        }
    }
}
