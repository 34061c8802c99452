<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Fault;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Fault\CueAdvice;
use Zumbo\Core\Fault\CueCount;
use Zumbo\Core\Fault\CueGo;
use Zumbo\Core\Fault\CueHistory;
use Zumbo\Core\Fault\CueOutcome;
use Zumbo\Core\Fault\Diagnosis;
use Zumbo\Core\Fault\Fault;
use Zumbo\Core\Fault\FaultTable;
use Zumbo\Core\Fault\Observed;
use Zumbo\Core\Fault\RopeFacts;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

final class CueHistoryTest extends TestCase
{
    private const ATHLETES = 500;
    private const GOES = 24;

    public function testTheFirstCueIsFirstWhereNothingIsKnown(): void
    {
        self::assertSame('elbows on your ribs', CueHistory::none()->cueFor(self::wide(), Ways::usual()));
        self::assertNull(self::advised(CueHistory::none())->learned);
        self::assertNull(CueHistory::none()->cueFor(FaultTable::named('rope-long'), Ways::usual()), 'the rope is no matter of cues');
    }

    public function testThreeGoesWithoutEffectStepBackAndAnotherCueIsNext(): void
    {
        $first = 'elbows on your ribs';
        $two = self::history([$first, 'same'], [$first, 'worse']);
        self::assertFalse(CueAdvice::of(self::wide(), [], Ways::usual(), $two, $first)->stepsBackNow);
        $three = self::history([$first, 'same'], [$first, 'worse'], [$first, 'worse']);
        $now = CueAdvice::of(self::wide(), [], Ways::usual(), $three, $first);
        self::assertTrue($now->stepsBackNow);
        self::assertStringStartsWith('3 goes brought nothing: step back to Singles: ', self::say($now->stepBack));
        $next = self::advised($three);
        self::assertSame('thumbs along your trouser seams', $next->cue);
        self::assertSame('Instead of “elbows on your ribs”, which brought nothing in 3 goes.', self::say($next->learned));
        $helped = self::history([$first, 'same'], [$first, 'worse'], [$first, 'better'], [$first, 'same']);
        self::assertFalse($helped->isGivenUp($first), 'in a row');
    }

    public function testWhatBroughtNothingIsForgottenAfterThreeMonths(): void
    {
        $old = CueHistory::of(array_fill(0, 3, new CueGo('hands-wide', 'elbows on your ribs', CueOutcome::Same, 100)));
        self::assertSame('elbows on your ribs', $old->cueFor(self::wide(), Ways::usual()));
    }

    public function testWhereEveryCueBroughtNothingOnlyTheWayBackIsLeft(): void
    {
        $goes = [];
        foreach (self::wide()->cues as $cue) {
            array_push($goes, ...array_fill(0, 3, [$cue, 'same']));
        }
        $advice = self::advised(self::history(...$goes));
        self::assertSame(['', true], [$advice->cue, $advice->stepsBackNow]);
        self::assertStringStartsWith('3 goes brought nothing: step back', self::say($advice->stepBack));
    }

    public function testWhatWorkedForThemIsFirst(): void
    {
        $worked = 'show me no light under your arms';
        $history = self::history(['elbows on your ribs', 'same'], [$worked, 'better'], [$worked, 'better'], [$worked, 'better']);
        self::assertTrue($history->works($worked));
        self::assertSame($worked, self::advised($history)->cue);
        self::assertSame('Worked for them before: better in 3 of 3 goes.', self::say(self::advised($history)->learned));
        self::assertFalse(self::history([$worked, 'better'])->works($worked), 'once is not enough to say so');
    }

    public function testWhatHelpsInTheGymIsToldWithHowLittleIsKnown(): void
    {
        $here = CueHistory::of([], [
            'thumbs along your trouser seams' => new CueCount(12, 9),
            'elbows on your ribs' => new CueCount(20, 4),
        ]);
        $advice = self::advised($here);
        self::assertSame('thumbs along your trouser seams', $advice->cue);
        // Beta(10, 4), 2.5 % and 97.5 % by R: qbeta(c(.025, .975), 10, 4).
        self::assertSame('In this gym better in 9 of 12 goes (46 to 91 in 100).', self::say($advice->learned));
    }

    /** Another cause is likelier where cues for the first brought nothing, and less likely where they helped. */
    public function testGoesSpeakForTheCauseAndAgainstIt(): void
    {
        $of = static fn (CueHistory $history): Fault => Diagnosis::of(
            Observed::of([Sign::CatchesToes, Sign::ShouldersBurn]),
            Stage::Singles,
            RopeFacts::unchecked(),
            Ways::usual(),
            null,
            $history,
        )->leader();
        self::assertSame('hands-wide', $of(CueHistory::none())->code);
        $same = array_fill(0, 6, ['elbows on your ribs', 'same']);
        self::assertNotSame('hands-wide', $of(self::history(...$same))->code);
        self::assertGreaterThan(1.9, self::history(['elbows on your ribs', 'better'])->weightOf(self::wide()));
        $often = array_fill(0, 30, ['elbows on your ribs', 'worse']);
        self::assertSame(0.1, self::history(...$often)->weightOf(self::wide()), 'never for good');
    }

    /**
     * A cue that helps one athlete is found, and none is said to work where none does: 500 invented athletes, 24 goes each
     * under whatever cue is offered; a go is better by chance now and then.
     */
    public function testAPlantedCueIsFoundAndNoneWhereNoneHelps(): void
    {
        $chance = new Randomizer(new Mt19937(18));
        $cues = self::wide()->cues;
        $found = $claimed = $false = $wrong = 0;
        for ($i = 0; $i < self::ATHLETES; ++$i) {
            $planted = $cues[$i % \count($cues)];
            [$last, $said] = self::season($chance, static fn (string $cue): float => $cue === $planted ? 0.75 : 0.15);
            $found += $last === $planted ? 1 : 0;
            $claimed += \in_array($planted, $said, true) ? 1 : 0;
            $wrong += [] === array_diff($said, [$planted]) ? 0 : 1;
            [, $none] = self::season($chance, static fn (): float => 0.15);
            $false += [] === $none ? 0 : 1;
        }
        [$found, $claimed, $wrong, $false] = array_map(
            static fn (int $count): float => $count / self::ATHLETES,
            [$found, $claimed, $wrong, $false],
        );
        fwrite(\STDERR, \sprintf(
            "\nPlanted cue: in force at the end %.3f, said to work %.3f, another said to %.3f; none helps, one said to %.3f\n",
            $found,
            $claimed,
            $wrong,
            $false,
        ));
        self::assertGreaterThan(0.85, $found);
        self::assertGreaterThan(0.9, $claimed);
        self::assertLessThan(0.05, $wrong);
        self::assertLessThan(0.05, $false);
    }

    /**
     * @param callable(string): float $helps
     *
     * @return array{string, list<string>} the cue in force at the end, those that were ever said to work
     */
    private static function season(Randomizer $chance, callable $helps): array
    {
        $goes = $works = [];
        $cue = self::wide()->cues[0];
        for ($go = 0; $go < self::GOES; ++$go) {
            $history = CueHistory::of($goes);
            // Every cue given up: the coach begins anew with the first.
            $cue = $history->cueFor(self::wide(), Ways::usual()) ?? self::wide()->cues[0];
            $better = $chance->getInt(0, 999) < 1000 * $helps($cue);
            $goes[] = new CueGo('hands-wide', $cue, $better ? CueOutcome::Better : CueOutcome::Same);
            if (CueHistory::of($goes)->works($cue)) {
                $works[] = $cue;
            }
        }

        return [$cue, array_values(array_unique($works))];
    }

    private static function wide(): Fault
    {
        return FaultTable::named('hands-wide');
    }

    private static function advised(CueHistory $history): CueAdvice
    {
        return CueAdvice::of(self::wide(), [], Ways::usual(), $history);
    }

    /**
     * @param array{string, string} ...$goes cue and outcome
     */
    private static function history(array ...$goes): CueHistory
    {
        return CueHistory::of(array_map(
            static fn (array $go): CueGo => new CueGo('hands-wide', $go[0], CueOutcome::from($go[1])),
            array_values($goes),
        ));
    }

    private static function say(?Verdict $verdict): string
    {
        return null === $verdict ? '' : MessageCatalogue::in(LengthUnit::Centimetre)->sentence($verdict);
    }
}
