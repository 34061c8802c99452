<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sets;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Sets\Ladder\FittedLadder;
use Zumbo\Core\Sets\Ladder\LadderAim;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\LadderFit;
use Zumbo\Core\Sets\Ladder\LadderPace;
use Zumbo\Core\Sets\Ladder\LadderWish;
use Zumbo\Core\Sets\Ladder\MissRule;
use Zumbo\Core\Streak\Hazard;

final class LadderFitTest extends TestCase
{
    /** 0.95³ = 0.857, 0.97⁵ = 0.859: by hand, nearest to 85 in 100 (common practice, no published source). */
    #[DataProvider('athletes')]
    public function testTheTopIsNearEightyFiveInPractice(float $p, int $top): void
    {
        foreach ([null, 3.0, 6.0, 12.0] as $minutes) {
            $best = self::fit(LadderAim::Practise, $p, minutes: $minutes)->best;
            self::assertSame($top, $best?->top, (string) $minutes);
        }
    }

    /**
     * @return iterable<string, array{float, int}>
     */
    public static function athletes(): iterable
    {
        yield '95 of 100' => [0.95, 3];
        yield '97 of 100' => [0.97, 5];
    }

    /** Whatever is asked for: the ladders fit the minutes and the contacts, and no rung is out of reach. */
    public function testNothingIsOverTheBudget(): void
    {
        $draws = new Draws(19);
        $fitted = 0;
        for ($i = 0; $i < 150; ++$i) {
            $minutes = $draws->between(0.5, 12);
            $contacts = (int) $draws->between(20, 400);
            $fit = self::fit(
                LadderAim::cases()[$i % 3],
                $draws->between(0.6, 0.995),
                LadderFamily::cases()[$i % 6],
                $minutes,
                $contacts,
                MissRule::cases()[intdiv($i, 3) % 3],
            );
            foreach (array_filter([$fit->best, ...$fit->alternatives]) as $one) {
                ++$fitted;
                self::assertLessThanOrEqual(60 * $minutes + 1e-6, $one->outlook->expectedS());
                self::assertLessThanOrEqual($contacts + 1e-6, $one->outlook->expectedContacts());
                self::assertTrue($one->outlook->isInReach());
                self::assertNotNull($one->why);
            }
        }
        self::assertGreaterThan(300, $fitted);
    }

    public function testTestingGoesHigherThanPractice(): void
    {
        $test = self::best(self::fit(LadderAim::Test, 0.95));
        self::assertSame(21, $test->top, '0.95²¹ = 0.34, the last one made once in three goes');
        self::assertSame(1, $test->times);
        self::assertGreaterThan(self::best(self::fit(LadderAim::Practise, 0.95))->top, $test->top);
    }

    public function testTiringUsesTheContacts(): void
    {
        $tire = self::best(self::fit(LadderAim::Tire, 0.97, contacts: 200));
        self::assertGreaterThan(180, $tire->outlook->expectedContacts());
        self::assertGreaterThanOrEqual(0.8, $tire->chanceOfTop);
    }

    public function testOneAlternativeIsEasierAndOneHarder(): void
    {
        $fit = self::fit(LadderAim::Practise, 0.95, minutes: 5.0);
        $codes = array_map(static fn (FittedLadder $one): ?string => $one->why?->code, $fit->alternatives);
        self::assertSame(['ladder.easier', 'ladder.harder'], $codes);
        self::assertLessThan(self::best($fit)->top, $fit->alternatives[0]->top);
        self::assertGreaterThan(self::best($fit)->top, $fit->alternatives[1]->top);
    }

    public function testWhoCannotMakeOneGetsNone(): void
    {
        self::assertNull(self::fit(LadderAim::Practise, 0.04)->best);
        self::assertNull(self::fit(LadderAim::Practise, 0.5, minutes: 0.01)->best, 'no time for one jump');
    }

    private static function fit(
        LadderAim $aim,
        float $p,
        LadderFamily $family = LadderFamily::Rising,
        ?float $minutes = null,
        ?int $contacts = null,
        MissRule $rule = MissRule::Repeat,
    ): LadderFit {
        return LadderFit::of(
            LadderWish::of($family, $aim, rule: $rule, minutes: $minutes, contacts: $contacts),
            new LadderPace(Hazard::usualSingles(), Hazard::constant(1 - $p), 0.5, 0.58, 5.0, 8.0),
        );
    }

    private static function best(LadderFit $fit): FittedLadder
    {
        return $fit->best ?? self::fail('no ladder was fitted');
    }
}
