<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Fault;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Fault\Belief;
use Zumbo\Core\Fault\Diagnosis;
use Zumbo\Core\Fault\FaultTable;
use Zumbo\Core\Fault\Observed;
use Zumbo\Core\Fault\RopeCondition;
use Zumbo\Core\Fault\RopeFacts;
use Zumbo\Core\Fault\RopeLength;
use Zumbo\Core\Fault\RopeWeight;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

final class QuestionTest extends TestCase
{
    private const NOTED = 0.85;

    /**
     * Mutual information from its definition, Σ p(c, a) · log₂ p(c, a) / (p(c) p(a)), over causes and both answers
     * (Cover and Thomas, Elements of Information Theory, 2.3): the code under test takes a difference of entropies.
     */
    #[DataProvider('looks')]
    public function testTheInformationOfEachSignIsThatOfBruteForce(string ...$seen): void
    {
        $faults = FaultTable::all();
        $belief = Belief::of($faults, Observed::of(array_map(Sign::from(...), array_values($seen))), static fn (): float => 1.0);
        foreach (Sign::cases() as $sign) {
            $joint = [];
            foreach ($faults as $fault) {
                $yes = self::NOTED * $fault->chanceOf($sign);
                $joint[] = [$belief->chances[$fault->code] * $yes, $belief->chances[$fault->code] * (1 - $yes)];
            }
            $answers = [array_sum(array_column($joint, 0)), array_sum(array_column($joint, 1))];
            $bits = 0.0;
            foreach ($joint as $row) {
                foreach ($row as $answer => $p) {
                    $bits += $p > 0 ? $p * log($p / (array_sum($row) * $answers[$answer]), 2) : 0.0;
                }
            }
            self::assertEqualsWithDelta($bits, $belief->information($sign), 1e-9, $sign->value);
        }
    }

    /**
     * @return iterable<string, list<string>>
     */
    public static function looks(): iterable
    {
        yield 'nothing' => [];
        yield 'one sign' => ['trips-on-second-pass'];
        yield 'many' => ['hands-drift-out', 'catches-toes', 'uneven-beat'];
    }

    public function testTheQuestionPartsTheLeaders(): void
    {
        $diagnosis = self::diagnose([Sign::TripsOnSecondPass], [], Stage::Snap);
        self::assertContains($diagnosis->ask?->sign, [Sign::LateHands, Sign::NoWhistle, Sign::WhistleWeak]);
        self::assertStringContainsString('one thing', self::say($diagnosis->ask->verdict));
        $said = self::say($diagnosis->advice);
        self::assertStringStartsWith('Not sure yet: late spin, spin too slow', $said);
    }

    /** Each answer is one look nearer: yes settles it, no leaves the other. */
    public function testItsAnswerSettlesIt(): void
    {
        $yes = self::diagnose([Sign::TripsOnSecondPass, Sign::LateHands], [], Stage::Snap);
        self::assertSame([null, 'late-spin'], [$yes->ask, $yes->leader()->code]);
        $no = self::diagnose([Sign::TripsOnSecondPass, Sign::WhistleWeak], [Sign::LateHands], Stage::Snap);
        self::assertSame([null, 'slow-spin'], [$no->ask, $no->leader()->code]);
    }

    public function testWhatWasLookedAtIsNotAskedAgain(): void
    {
        $asked = [];
        for ($look = 0; $look < 6; ++$look) {
            $ask = self::diagnose([Sign::CatchesToes], $asked, Stage::Singles)->ask;
            if (null === $ask) {
                break;
            }
            self::assertNotContains($ask->sign, $asked);
            $asked[] = $ask->sign;
        }
        self::assertGreaterThan(2, \count($asked));
    }

    public function testWhatNobodyCouldTellIsNotAskedAgainAndSpeaksForNothing(): void
    {
        $ask = self::diagnose([Sign::TripsOnSecondPass], [], Stage::Snap)->ask->sign ?? Sign::Temper;
        $of = static fn (Observed $observed): Diagnosis => Diagnosis::of($observed, Stage::Snap, self::soundRope(), Ways::usual());
        $untold = $of(Observed::of([Sign::TripsOnSecondPass], [], [$ask]));
        self::assertNotSame($ask, $untold->ask?->sign);
        $fine = $of(Observed::of([Sign::TripsOnSecondPass], [$ask]));
        self::assertNotSame($fine->leader()->code, $untold->leader()->code);
    }

    /** As far as the school counts them (common practice). */
    public function testASchoolIsNotAskedForWhatItTeaches(): void
    {
        $ask = static fn (Ways $ways): ?Sign => Diagnosis::of(
            Observed::of([Sign::HeavyLanding]),
            Stage::Hold,
            self::soundRope(),
            $ways,
        )->ask?->sign;
        self::assertNotContains(
            $ask(Ways::of(['height' => 'high'])),
            [null, Sign::HeadBobs, Sign::JumpsHighInSingles, Sign::KneesUp, Sign::BigJumpForDouble],
        );
    }

    /**
     * @param list<Sign> $seen
     * @param list<Sign> $fine
     */
    private static function diagnose(array $seen, array $fine, Stage $stage): Diagnosis
    {
        return Diagnosis::of(Observed::of($seen, $fine), $stage, self::soundRope(), Ways::usual());
    }

    private static function soundRope(): RopeFacts
    {
        return RopeFacts::of(RopeLength::Right, RopeCondition::Fine, RopeWeight::Fine);
    }

    private static function say(Verdict $verdict): string
    {
        return MessageCatalogue::in(LengthUnit::Centimetre)->sentence($verdict);
    }
}
