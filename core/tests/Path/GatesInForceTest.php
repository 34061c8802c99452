<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Path;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\Entry;
use Zumbo\Core\Path\GateChoice;
use Zumbo\Core\Path\GateCurve;
use Zumbo\Core\Path\GateLog;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\GateSetting;
use Zumbo\Core\Path\GatesInForce;
use Zumbo\Core\Path\GateVerdict;
use Zumbo\Core\Path\GateWords;
use Zumbo\Core\Path\SessionSum;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

final class GatesInForceTest extends TestCase
{
    public function testSchoolsAskDifferently(): void
    {
        $asked = static fn (GatesInForce $gates, Stage $stage): string => self::say($gates, $stage);
        $usual = GatesInForce::usual(Ways::usual());
        self::assertSame('100 unbroken, with hands narrow', $asked($usual, Stage::Singles));
        $of = static fn (GateChoice $choice, ?int $count = null, bool $feet = false): GatesInForce => $usual->asking(
            Stage::Singles,
            GateSetting::of(Stage::Singles, $choice, $count, $feet),
        );
        self::assertSame('200 unbroken, with good posture to the end', $asked($of(GateChoice::TwoHundred), Stage::Singles));
        self::assertSame('60 s without a miss, hands narrow', $asked($of(GateChoice::Minute), Stage::Singles));
        self::assertSame('80 unbroken, with hands narrow', $asked($of(GateChoice::Usual, 80), Stage::Singles));
        self::assertStringEndsWith('forward and backward without a miss', $asked($of(GateChoice::Usual, null, true), Stage::Singles));
        self::assertSame(
            '10 unbroken, with a calm exit',
            $asked($usual->asking(Stage::Link, GateSetting::of(Stage::Link, GateChoice::Ten, null, false)), Stage::Link),
        );
        $even = GatesInForce::usual(Ways::of(['method' => 'even-jump']));
        self::assertSame('8 clean of 10, every jump as high as the last', $asked($even, Stage::Snap));
        self::assertEquals($even->at(Stage::Link), $even->after(Stage::Snap), 'nothing is mixed');
        self::assertSame(
            'Five clean goes in a row, with a steady beat',
            $asked(GatesInForce::usual(Ways::of(['gates' => 'form-first'])), Stage::Range),
        );
        self::assertNull($usual->at(Stage::Workout));
    }

    public function testWhatIsNoGateIsRefused(): void
    {
        $refused = static function (Stage $stage, GateChoice $choice, ?int $count, bool $feet): bool {
            try {
                GateSetting::of($stage, $choice, $count, $feet);
            } catch (OutOfRange) {
                return true;
            }

            return false;
        };
        self::assertTrue($refused(Stage::Workout, GateChoice::Usual, 5, false));
        self::assertTrue($refused(Stage::Range, GateChoice::Minute, null, false));
        self::assertTrue($refused(Stage::Snap, GateChoice::Usual, 11, false), 'of ten tries');
        self::assertTrue($refused(Stage::Link, GateChoice::Usual, 0, false));
        self::assertTrue($refused(Stage::Link, GateChoice::Usual, null, true));
        self::assertFalse($refused(Stage::Snap, GateChoice::Usual, 10, false));
    }

    public function testAWaivedGateIsOpenAndSaysWhy(): void
    {
        $gates = GatesInForce::usual(Ways::usual())->waiving(Stage::Range, 'came from another gym');
        $outlook = GateOutlook::of(Stage::Range, $gates, []);
        self::assertSame(GateVerdict::Open, $outlook->verdict);
        self::assertSame(
            'Not asked here: came from another gym. Look at a steady beat, then move on.',
            MessageCatalogue::in(LengthUnit::Centimetre)->sentence($outlook->advice()->next),
        );
        $again = $gates->asking(Stage::Range, GateSetting::usual());
        self::assertSame(GateVerdict::NotYet, GateOutlook::of(Stage::Range, $again, [])->verdict, 'asked again');
    }

    public function testFormAloneOpensWhereTheNumberIsNotAsked(): void
    {
        $form = GatesInForce::usual(Ways::of(['gates' => 'form-first']));
        $verdict = static fn (bool ...$clean): GateVerdict => GateOutlook::of(Stage::Link, $form, self::goes(3, ...$clean))->verdict;
        self::assertSame(GateVerdict::Open, $verdict(true, true, true, true, true));
        self::assertSame(GateVerdict::Nearly, $verdict(true, true, true, false, true), 'a rough one among the last five');
        self::assertSame(GateVerdict::Nearly, $verdict(true, true, true));
        self::assertSame(GateVerdict::NotYet, $verdict(true, false, false, true, false));
        $usual = GateOutlook::of(Stage::Link, GatesInForce::usual(Ways::usual()), self::goes(3, true, true, true, true, true));
        self::assertSame(GateVerdict::NotYet, $usual->verdict, 'three in a row are no twenty');
        $outlook = GateOutlook::of(Stage::Link, $form, self::goes(3, true, true, false, true));
        $words = MessageCatalogue::in(LengthUnit::Centimetre);
        self::assertSame('3 of the last 4 goes clean', $words->sentence($outlook->outlook));
        self::assertSame(
            'One more clean go, with a calm exit, and it is open: the number is not asked.',
            $words->sentence(GateOutlook::of(Stage::Link, $form, self::goes(3, true, true, true, true))->advice()->next),
        );
    }

    /** Of the counts ten, twenty, … the chance falls, and the gate itself is on the curve. */
    public function testTheCurveHoldsTheGate(): void
    {
        foreach ([Stage::Link, Stage::Snap, Stage::Mix] as $stage) {
            $gates = GatesInForce::usual(Ways::usual());
            $outlook = GateOutlook::of($stage, $gates, []);
            $curve = GateCurve::of($outlook->gate, $outlook->recent);
            $chances = array_map(static fn (GateCurve $point): float => $point->chance, $curve);
            $falling = $chances;
            rsort($falling);
            self::assertSame($falling, $chances);
            foreach ($curve as $point) {
                self::assertLessThanOrEqual($point->high, $point->low);
                if ($point->count === $outlook->gate->count) {
                    self::assertEqualsWithDelta($outlook->chance, $point->chance, 1e-12);
                }
            }
            self::assertContains($outlook->gate->count, array_map(static fn (GateCurve $point): int => $point->count, $curve));
        }
    }

    public function testThreePoorPracticesOfTheStageBeforeAskToStepBack(): void
    {
        $gates = GatesInForce::usual(Ways::usual());
        $step = static fn (SessionSum ...$of): GateVerdict => GateOutlook::ofLog(
            Stage::Snap,
            $gates,
            GateLog::ofEntries(CountKind::Tries, []),
            array_values($of),
        )->verdict;
        $poor = new SessionSum(30, 10, 5, false);
        self::assertSame(GateVerdict::StepBack, $step($poor, $poor, $poor));
        self::assertSame(GateVerdict::NotYet, $step($poor, $poor), 'two are not three');
        self::assertSame(GateVerdict::NotYet, $step($poor, $poor, new SessionSum(30, 10, 5, false, true)), 'a stopped day is none');
        self::assertSame(GateVerdict::NotYet, $step(new SessionSum(300, 1, 5, false), $poor, new SessionSum(300, 1, 5, false)));
        $hold = GateOutlook::ofLog(Stage::Hold, $gates, new GateLog([$poor, $poor, $poor], [], [], 12));
        self::assertSame(GateVerdict::StepBack, $hold->verdict, 'the same doubles tell of twenty as of fifty');
        self::assertSame(
            'Step back to Link: what opens it held in fewer than 3 of 10 over three practices.',
            MessageCatalogue::in(LengthUnit::Centimetre)->sentence($hold->advice()->next),
        );
    }

    private static function say(GatesInForce $gates, Stage $stage): string
    {
        $gate = $gates->at($stage) ?? throw new \LogicException('no gate');

        return MessageCatalogue::in(LengthUnit::Centimetre)->sentence(GateWords::asked($gate));
    }

    /**
     * @return list<Entry>
     */
    private static function goes(int $reps, bool ...$clean): array
    {
        return array_values(array_map(
            static fn (bool $one): Entry => new Entry(CountKind::Streak, CountedReps::attempt($reps, AttemptEnd::Miss), $one),
            $clean,
        ));
    }
}
