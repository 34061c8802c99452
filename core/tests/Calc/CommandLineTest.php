<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Calc\CommandLine;
use Zumbo\Core\Calc\Registry;

final class CommandLineTest extends TestCase
{
    public function testTheRuleOfHeightOnTheCommandLine(): void
    {
        $rope = self::json(['rope', 'height=5\'8"', 'school=height', '--json']);
        self::assertEqualsWithDelta(2.6416, $rope['schools'][0]['overall_length_m'], 1e-9);
        self::assertSame('height', $rope['recommended']);
    }

    public function testWordsAndJsonAreTwoWaysToTheSameAnswer(): void
    {
        $words = CommandLine::answer(['arc', 'cable_length=240cm', 'hand_span=90', 'points=5', '--json'], null);
        $json = CommandLine::answer(['arc', '--json'], '{"cable_length_m": 2.4, "hand_span_m": 0.9, "points": 5}');
        self::assertSame($words->out, $json->out);
        self::assertStringContainsString('arc_depth_m', $words->out);
    }

    public function testArcGivesShapePointsWhereAsked(): void
    {
        $arc = self::json(['arc', 'cable_length_m=2.4', 'hand_span_m=0.9', 'x_m=-0.45,0,0.1', '--json']);
        self::assertSame([-0.45, 0.0, 0.1], array_column($arc['shape'], 'x_m'));
        self::assertEqualsWithDelta(1.05651, $arc['shape'][1]['y_m'], 1e-5);
        self::assertNull($arc['head_clearance_m']);
        self::assertSame('needs hand_height_m', $arc['head_clearance_reason']);
    }

    public function testArcLengthIsTheInverseOfArc(): void
    {
        $length = self::json(['arc-length', 'arc_depth_m=0.9625', 'hand_span_m=0.9', '--json']);
        self::assertEqualsWithDelta(2.22401, $length['cable_length_m'], 6e-6);
    }

    public function testFitSaysVerdictLandmarkAndEffects(): void
    {
        $known = ['stature=175', 'handle_length=15cm', 'stance=two-feet', 'stage=join', '--json'];
        $fit = self::json(['fit', 'cable_length=3.1m', ...$known]);
        self::assertSame('too-long', $fit['verdict']);
        self::assertEqualsWithDelta(3.1 - $fit['goal_m'], $fit['off_by_m'], 1e-9);
        self::assertNotEmpty($fit['effects'][0]['sentence']);
        self::assertSame('right', self::json(['fit', 'reaches=armpit', ...$known])['verdict']);
    }

    /** The same reading under another stance is another rope; the handles are only needed for the cable. */
    public function testFitGivesNoVerdictWithoutAStanceAndNoCableWithoutHandles(): void
    {
        $fit = self::json(['fit', 'stature=175', 'handle_length=15cm', 'reaches=armpit', '--json']);
        self::assertSame(['unknown', 'ask-stance'], [$fit['verdict'], $fit['next']['action']]);
        $read = self::json(['fit', 'stature=175', 'stance=two-feet', 'reaches=shoulder', '--json']);
        self::assertSame('on-its-way', $read['verdict']);
        self::assertNull($read['cable_length_m']);
        self::assertNull($read['goal_m']);
        $cable = self::json(['fit', 'stature=175', 'stance=two-feet', 'cable_length=2.5', '--json']);
        self::assertSame(['unknown', 'ask-handles'], [$cable['verdict'], $cable['next']['action']]);
    }

    /** Which cable it is hangs on the handles; which school is asked does not. */
    public function testOtherHandlesMakeAnotherCableAndNotAnotherSchool(): void
    {
        foreach ([0.12, 0.15, 0.17] as $handle) {
            $rope = self::json(['rope', 'height=174', 'handle_length_m='.$handle, 'stage=link', '--json']);
            self::assertSame('chest', $rope['recommended']);
            self::assertEqualsWithDelta(2 * 0.72 * 1.74 + 0.19 - 2 * $handle, $rope['goal_cable_length_m'], 1e-9);
        }
    }

    /** Read at the handle ends the overall length stands; read at the cable ends the cable does. Geometry. */
    public function testHandlesThatNobodyKnowsLeaveTheCableOpen(): void
    {
        $rope = self::json(['rope', 'height=174', '--json']);
        $bySchool = array_column($rope['schools'], null, 'school');
        self::assertNull($bySchool['armpit']['cable_length_m']);
        self::assertNotEmpty($bySchool['armpit']['cable_length_reason']);
        self::assertEqualsWithDelta(2 * 0.76 * 1.74 + 0.19, $bySchool['armpit']['overall_length_m'], 1e-9);
        self::assertEqualsWithDelta(1.74 + 0.9144, $bySchool['height']['overall_length_m'], 1e-9);
        self::assertNull($bySchool['breastbone']['overall_length_m']);
        self::assertEqualsWithDelta(2 * 0.69 * 1.74 + 0.19, $bySchool['breastbone']['cable_length_m'], 1e-9);
        self::assertStringContainsString('Ask for the handles', $rope['reasons'][0]['sentence']);
        self::assertNull($rope['goal_cable_length_m']);
    }

    public function testTrimTellsWhetherTheLastOneHelpedOrWhyItCannot(): void
    {
        $words = ['trim', 'stature=168', 'cable_length=262cm', 'goal=chest'];
        self::assertNull(self::json([...$words, '--json'])['outcome']);
        $told = self::json([
            ...$words,
            'before=[{"reps":400,"misses":20}]',
            'after=[{"reps":80,"misses":9},{"reps":80,"misses":9},{"reps":80,"misses":9}]',
            '--json',
        ]);
        self::assertSame('let-out', $told['outcome']['advice']);
    }

    public function testAnUnevenHandTiltsTheArcAndTheSideViewSaysWhereItComesDown(): void
    {
        $arc = self::json([
            'arc',
            'cable_length=244cm',
            'hand_span=90',
            'hand_height=92',
            'other_hand_height=110',
            'stature=168',
            '--json',
        ]);
        self::assertEqualsWithDelta(atan(0.18 / 0.9), $arc['tilt_rad'], 1e-9);
        self::assertGreaterThan(0.1, $arc['ahead_of_toes_m']);
        self::assertSame(
            'passes above the floor',
            self::json(['arc', 'cable_length=190cm', 'hand_span=90', 'hand_height=92', 'stature=168', '--json'])[
                'ahead_of_toes_reason'
            ],
        );
    }

    public function testCableSaysHowItFeels(): void
    {
        $cable = self::json([
            'cable',
            'linear_density_kg_per_m=0.0255',
            'diameter=5mm',
            'cable_length=240cm',
            'hand_span=90',
            'turns_per_min=120',
            '--json',
        ]);
        self::assertSame(['clear', 'high', 'thick-cord'], [$cable['feel'], $cable['effort'], $cable['like']]);
    }

    public function testTapedLandmarksMayBeGivenByName(): void
    {
        $rope = self::json(['rope', 'stature_m=1.75', 'handle_length=15cm', 'school=armpit', 'landmarks_m.armpit=1.4', '--json']);
        self::assertEqualsWithDelta(2.69, $rope['schools'][0]['cable_length_m'], 1e-9);
        self::assertSame('taped', $rope['schools'][0]['reach_reason']);
    }

    public function testPlainTextNamesEveryField(): void
    {
        $answer = CommandLine::answer(['rope', 'height=168', 'handle_length=15cm'], null);
        self::assertStringContainsString("recommended: armpit\n", $answer->out);
        self::assertStringContainsString('Cable 244 cm: armpit school', $answer->out);
    }

    /**
     * @param list<string> $words
     */
    #[DataProvider('badInput')]
    public function testBadInputIsOneHelpfulLineAndExitTwo(array $words, string $says): void
    {
        $answer = CommandLine::answer($words, null);
        self::assertSame(2, $answer->exit);
        self::assertSame('', $answer->out);
        self::assertSame(1, substr_count($answer->error, "\n"));
        self::assertStringContainsString($says, $answer->error);
    }

    /**
     * @return iterable<string, array{list<string>, string}>
     */
    public static function badInput(): iterable
    {
        yield 'a dwarf' => [['rope', 'height=19'], 'height "19": between 90 and 230 cm, or like 5\'3"'];
        yield 'letters' => [['rope', 'height=abc'], 'height: "abc": not a length'];
        yield 'nothing' => [['rope'], 'stature is missing: a length from 0.9 to 2.3 m'];
        yield 'nan' => [['rope', 'height=nan'], 'height: "nan"'];
        yield 'nan as SI' => [['rope', 'stature_m=nan'], 'stature_m "nan"'];
        yield 'a billion' => [['rope', 'height=1e9'], '"1e9"'];
        yield 'infinite' => [['arc', 'cable_length_m=1e999', 'hand_span_m=0.9'], 'cable_length_m "1e999"'];
        yield 'ambiguous' => [['rope', 'height=69'], '69 cm or 69 in'];
        yield 'unknown field' => [
            ['rope', 'height=175', 'colour=red'],
            'colour "red": no such field; known are stature_m',
        ];
        yield 'twice under two names' => [['rope', 'height=175', 'stature_m=1.75'], 'is given twice'];
        yield 'twice' => [['rope', 'height=175', 'height=176'], 'is given twice'];
        yield 'no value' => [['rope', 'height'], 'argument "height": key=value'];
        yield 'unknown choice' => [['rope', 'height=175', 'school=knee'], 'school "knee": one of all, height'];
        yield 'unknown computation' => [['skip'], 'calculation "skip": one of rope, arc'];
        yield 'rope shorter than the span' => [
            ['arc', 'cable_length_m=0.8', 'hand_span_m=0.9'],
            'shorter than the 90.0 cm between the hands',
        ];
        yield 'two contradicting fields' => [['fit', 'stature=175', 'cable_length=240', 'reaches=armpit'], 'not both'];
        yield 'a list with a hole' => [['arc', 'cable_length_m=2.4', 'hand_span_m=0.9', 'x_m=0,,1'], 'x_m[1] ""'];
        yield 'control characters are not printed' => [['rope', "height=\e[31m\n"], '?[31m'];
    }

    #[DataProvider('badJson')]
    public function testBadJsonIsRefusedTheSameWay(string $json): void
    {
        self::assertSame(CommandLine::BAD_INPUT, CommandLine::answer(['rope', '--json'], $json)->exit);
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function badJson(): iterable
    {
        foreach (
            [
                '{',
                '[]x',
                '[1.75]',
                '"1.75"',
                '{"stature_m": null}',
                '{"stature_m": {}}',
                '{"stature_m": true}',
                '{"stature_m": [1.75]}',
                '{"stature_m": 1.75, "landmarks_m": {"nose": 1}}',
            ] as $json
        ) {
            yield $json => [$json];
        }
    }

    public function testWithoutANameItListsEveryComputationAndField(): void
    {
        $listing = CommandLine::answer([], null)->out;
        foreach (Registry::all() as $calculation) {
            self::assertStringContainsString("\n".$calculation->name().': ', $listing);
            foreach ($calculation->fields() as $field) {
                self::assertStringContainsString($field->name, $listing);
            }
        }
    }

    /**
     * @param list<string> $words
     *
     * @return array<string, mixed>
     */
    private static function json(array $words): array
    {
        $answer = CommandLine::answer($words, null);
        self::assertSame('', $answer->error);

        return json_decode($answer->out, true, 32, \JSON_THROW_ON_ERROR);
    }
}
