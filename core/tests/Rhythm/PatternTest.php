<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rhythm;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\Beat;
use Zumbo\Core\Rhythm\Footwork;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternError;
use Zumbo\Core\Rhythm\PatternTiming;

final class PatternTest extends TestCase
{
    #[DataProvider('rounds')]
    public function testARoundIsTheShortestPieceThatComesAgain(string $notation, int $jumps): void
    {
        self::assertSame($jumps, Pattern::parse($notation)->jumpsOfRound());
    }

    /**
     * @return iterable<string, array{string, int}>
     */
    public static function rounds(): iterable
    {
        yield 'once' => ['3s d', 4];
        yield 'ten times' => ['(3s d)x10', 4];
        yield 'written out' => ['2s d 2s d 2s d', 3];
        yield 'for a time' => ['w30(5s d)', 6];
        yield 'one kind alone' => ['20d', 20];
        yield 'two in turn' => ['s d s d', 2];
        yield 'another end' => ['2s d 2s d 3s d', 10];
    }

    #[DataProvider('patterns')]
    public function testReadsCountsAndSays(
        string $notation,
        string $canonical,
        int $jumps,
        int $turns,
        string $text,
    ): void {
        $pattern = Pattern::parse($notation);
        self::assertSame($canonical, $pattern->notation());
        self::assertSame($jumps, $pattern->jumps());
        self::assertSame($turns, $pattern->turns());
        self::assertSame($jumps, $pattern->contacts());
        self::assertSame($text, $pattern->text());
        self::assertEquals($pattern, Pattern::parse($pattern->notation()), 'what is printed reads back the same');
    }

    /**
     * @return iterable<string, array{string, string, int, int, string}>
     */
    public static function patterns(): iterable
    {
        yield 'three singles, one double' => ['3s d', '3s d', 4, 5, '3 singles, 1 double'];
        yield 'neighbours become one' => ['s s  s d d', '3s 2d', 5, 7, '3 singles, 2 doubles'];
        yield 'a group' => ['(3s d)x4', '(3s d)x4', 16, 20, '4 times: 3 singles, 1 double'];
        yield 'a rest' => ['10s r10 10s', '10s r10 10s', 20, 20, '10 singles, rest 10 s, 10 singles'];
        yield 'all kinds' => ['S q t', 'S q t', 3, 5, '1 tall single, 1 quick single, 1 triple'];
        yield 'groups in groups' => [
            '((s d)x2 r5)x3',
            '((s d)x2 r5)x3',
            12,
            18,
            '3 times: 2 times: 1 single, 1 double, rest 5 s',
        ];
        yield 'a group once' => ['(s d)', '(s d)x1', 2, 3, '1 single, 1 double'];
        yield 'footwork' => [
            '10s:boxer-step 2q:skier',
            '10s:boxer-step 2q:skier',
            12,
            12,
            '10 singles (boxer step), 2 quick singles (skier)',
        ];
        yield 'footwork parts runs' => ['s:bell s:bell s', '2s:bell s', 3, 3, '2 singles (bell), 1 single'];
        yield 'an unbroken target' => ['20d! 5d', '20d! 5d', 25, 50, '20 doubles unbroken, 5 doubles'];
        yield 'a rising ladder' => [
            '(nd r20)n=1..4',
            '(nd r20)n=1..4',
            10,
            20,
            'ladder, n from 1 to 4: n doubles, rest 20 s',
        ];
        yield 'singles fall, one double' => [
            '(ns d)n=5..1',
            '(ns d)n=5..1',
            20,
            25,
            'ladder, n from 5 to 1: n singles, 1 double',
        ];
        yield 'a pyramid' => ['(nd)n=1..5..1', '(nd)n=1..5..1', 25, 50, 'ladder, n from 1 to 5 to 1: n doubles'];
        yield 'steps that do not meet the top' => [
            '(nd)n=1..10..1/4',
            '(nd)n=1..10..1/4',
            21,
            42,
            'ladder, n from 1 to 10 to 1 in steps of 4: n doubles',
        ];
        yield 'in steps' => [
            '(ns!)n=10..30/10',
            '(ns!)n=10..30/10',
            60,
            60,
            'ladder, n from 10 to 30 in steps of 10: n singles unbroken',
        ];
        yield 'intervals' => [
            '(w20(3s d) r10)x8',
            '(w20(3s d) r10)x8',
            32,
            40,
            '8 times: for 20 s: 3 singles, 1 double, rest 10 s',
        ];
        yield 'no blanks needed' => ['3s2d', '3s 2d', 5, 7, '3 singles, 2 doubles'];
    }

    #[DataProvider('unreadable')]
    public function testNamesThePlaceThatCantBeRead(string $notation, int $position, string $says): void
    {
        try {
            Pattern::parse($notation);
            self::fail('it was read');
        } catch (PatternError $e) {
            self::assertSame($position, $e->position);
            self::assertStringContainsString($says, $e->getMessage());
        }
    }

    /**
     * @return iterable<string, array{string, int, string}>
     */
    public static function unreadable(): iterable
    {
        yield 'nothing' => ['', 1, 'the end'];
        yield 'blanks' => ['   ', 4, 'the end'];
        yield 'a letter' => ['3s k', 4, '"k"; a jump'];
        yield 'a count alone' => ['3s 2', 5, 'a jump (s, S, q, d, t) after the count'];
        yield 'zero' => ['0s', 1, '"0"; a count from 1'];
        yield 'an open bracket' => ['(3s d', 6, 'the end; a closing bracket'];
        yield 'a closing bracket' => ['3s)', 3, '")"'];
        yield 'an empty group' => ['()x3', 2, '")"'];
        yield 'times nothing' => ['(s)x', 5, 'how many times'];
        yield 'a rest of nothing' => ['s r', 4, 'seconds, like r10'];
        yield 'n without a ladder' => ['3s nd', 4, 'n only in the brackets of a ladder'];
        yield 'a ladder without n' => ['(3d)n=1..5', 1, 'n as a count'];
        yield 'a ladder to nowhere' => ['(nd)n=5', 8, 'where the ladder leads to'];
        yield 'a ladder of nothing' => ['(nd)n=0..5', 7, 'a rung from 1'];
        yield 'a ladder in a ladder' => ['((nd)n=1..2 ns)n=1..3', 2, 'no ladder inside a ladder'];
        yield 'too many rungs' => ['(nd)n=1..999', 5, 'at most 200 rungs'];
        yield 'unknown footwork' => ['10s:moon-walk', 5, '"moon-walk"; one of boxer-step'];
        yield 'no footwork' => ['10s: d', 5, 'one of boxer-step'];
        yield 'work without brackets' => ['w20 d', 4, 'an opening bracket'];
        yield 'work without time' => ['w(d)', 2, 'seconds of work'];
        yield 'work of work' => ['w20(w10(d))', 11, 'jumps in the brackets of work'];
        yield 'work of rest' => ['w20(r5)', 7, 'jumps in the brackets of work'];
        yield 'too long a rest' => ['s r9999', 7, 'at most 3600 s'];
        yield 'too many' => ['(999s)x999', 10, 'at most 10000 jumps'];
        yield 'too many in a row' => ['9999s 9999s', 12, 'at most 10000 jumps'];
        yield 'too much work' => ['w2000(s) s', 11, 'at most 10000 jumps and rests'];
        yield 'work too often' => ['(w100(s))x99', 12, 'at most 10000 jumps and rests'];
        yield 'rests too often' => ['(r5 r5)x9999', 12, 'at most 10000 jumps and rests'];
        yield 'too deep' => ['(((((s)))))', 5, 'at most 4 brackets'];
        yield 'not even text' => ["s \xFF", 3, '"?"'];
        yield 'too long' => [str_repeat('s', 401), 400, 'at most 400 characters'];
    }

    public function testTheTurnsOfADoubleLieInsideTheFlight(): void
    {
        $beats = PatternTiming::of(Pattern::parse('s d'), Rate::perMinute(100));
        self::assertCount(2, $beats);
        self::assertEqualsWithDelta(0.6, $beats[1]->atS, 1e-12);
        self::assertEqualsWithDelta(1.2, $beats[1]->endS, 1e-12);
        // contact 0.18 s, flight 0.42 s: passes at a quarter and three quarters of it
        self::assertEqualsWithDelta([0.6 + 0.18 + 0.105, 0.6 + 0.18 + 0.315], $beats[1]->turnsS, 1e-12);
    }

    public function testWorkIsWhatFitsIntoItsTime(): void
    {
        $beats = PatternTiming::of(Pattern::parse('w5(s d) r3 s'), Rate::perMinute(100));
        // Eight jumps of 0.6 s fit into five seconds; the last 0.2 s are a rest.
        self::assertSame(
            ['s', 'd', 's', 'd', 's', 'd', 's', 'd', null, null, 's'],
            array_map(static fn ($beat): ?string => $beat->kind?->value, $beats),
        );
        self::assertEqualsWithDelta([4.8, 5.0, 8.0], [$beats[8]->atS, $beats[9]->atS, $beats[10]->atS], 1e-9);
        // Four jumps of 0.6 s and more do not fit into one second: one does.
        self::assertCount(2, PatternTiming::of(Pattern::parse('w1(4s)'), Rate::perMinute(100)));
        self::assertCount(1, PatternTiming::of(Pattern::parse('w1(4s)'), Rate::perMinute(40)));
    }

    public function testABeatKnowsItsFootwork(): void
    {
        $beats = PatternTiming::of(Pattern::parse('2s:boxer-step w1(s:one-foot) d'), Rate::perMinute(60));
        self::assertSame(
            [Footwork::BoxerStep, Footwork::BoxerStep, Footwork::OneFoot, null],
            array_map(static fn (Beat $beat): ?Footwork => $beat->footwork, $beats),
        );
    }

    public function testALaddersRungsFollowEachOther(): void
    {
        $kinds = array_map(
            static fn ($beat): ?string => $beat->kind?->value,
            PatternTiming::of(Pattern::parse('(ns d)n=2..1'), Rate::perMinute(100)),
        );
        self::assertSame(['s', 's', 'd', 's', 'd'], $kinds);
    }

    public function testAnHourKeepsTheBeat(): void
    {
        $beats = PatternTiming::of(Pattern::parse('9999s'), Rate::perMinute(123));
        self::assertEqualsWithDelta((9999 * 60) / 123, $beats[9998]->endS, 1e-7);
    }

    public function testTallAndQuickSinglesTakeTheirTimeAndARestIsALengthOfTime(): void
    {
        $beats = PatternTiming::of(Pattern::parse('S q r7 s'), Rate::perMinute(60));
        self::assertEqualsWithDelta(
            [0.0, 1.15, 2.0, 9.0],
            array_map(static fn ($beat): float => $beat->atS, $beats),
            1e-12,
        );
        self::assertSame([], $beats[2]->turnsS);
        self::assertNull($beats[2]->kind);
    }

    /** The browser plays the same times: web/src/lib/beatScheduler.test.ts reads this file too. */
    public function testTheGoldenBeatsAreTheCores(): void
    {
        $golden = json_decode(
            (string) file_get_contents(__DIR__.'/../golden/beats.json'),
            true,
            16,
            \JSON_THROW_ON_ERROR,
        );
        self::assertNotSame([], $golden['cases']);
        foreach ($golden['cases'] as $case) {
            foreach (
                PatternTiming::of(Pattern::parse($case['notation']), Rate::perMinute($case['cadence'])) as $i => $beat
            ) {
                self::assertSame($case['beats'][$i]['kind'], $beat->kind?->value);
                self::assertEqualsWithDelta($case['beats'][$i]['atS'], $beat->atS, 1e-9);
                self::assertEqualsWithDelta($case['beats'][$i]['turnsS'], $beat->turnsS, 1e-9);
                self::assertEqualsWithDelta($case['beats'][$i]['endS'], $beat->endS, 1e-9);
            }
        }
    }
}
