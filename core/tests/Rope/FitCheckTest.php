<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rope;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Rope\Fit;
use Zumbo\Core\Rope\FitCheck;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Stage\Stage;

final class FitCheckTest extends TestCase
{
    /** Common practice, no published source: how a coach reads a rope held up by the athlete. */
    #[DataProvider('readings')]
    public function testJudgesByLandmarkAndStage(Landmark $landmark, Stage $stage, Fit $fit): void
    {
        $body = Body::ofStature(Length::ofMetres(1.75));
        $check = FitCheck::ofReach($body, $body->heightOf($landmark)->height, $stage);
        self::assertSame($fit, $check->fit);
        self::assertSame($landmark, $check->reaches);
    }

    /**
     * @return iterable<string, array{Landmark, Stage, Fit}>
     */
    public static function readings(): iterable
    {
        yield 'waist, beginner' => [Landmark::Waist, Stage::Join, Fit::TooShort];
        yield 'ribs, beginner' => [Landmark::Ribs, Stage::Join, Fit::TooShort];
        yield 'ribs, linked doubles' => [Landmark::Ribs, Stage::Hold, Fit::Right];
        yield 'armpit, beginner' => [Landmark::Armpit, Stage::Join, Fit::Right];
        yield 'shoulder, linked doubles' => [Landmark::Shoulder, Stage::Hold, Fit::Long];
    }

    public function testPastTheShoulderIsTooLong(): void
    {
        $check = FitCheck::ofReach(Body::ofStature(Length::ofMetres(1.75)), Length::ofMetres(1.55), Stage::Join);
        self::assertSame(Fit::TooLong, $check->fit);
        self::assertEqualsWithDelta(2 * (1.55 - 0.8 * 1.75), $check->offBy->metres(), 1e-12);
    }

    public function testOffByIsWhatHasToBeAddedOrTakenAway(): void
    {
        $body = Body::ofStature(Length::ofMetres(1.75));
        foreach ([1.6, 2.0, 2.9, 3.4] as $metres) {
            $cable = Length::ofMetres($metres);
            $off = FitCheck::ofCable($body, Handle::usual(), Stance::TwoFeet, $cable, Stage::Singles)->offBy;
            $mended = FitCheck::ofCable($body, Handle::usual(), Stance::TwoFeet, $cable->minus($off), Stage::Singles);
            self::assertEqualsWithDelta(0.0, $mended->offBy->metres(), 1e-9);
        }
    }

    /** What is to be done names the length it should have; a right one asks for nothing. */
    public function testTheRemedyNamesTheRightLength(): void
    {
        $body = Body::ofStature(Length::ofMetres(1.75));
        foreach ([[2.0, 'fit.off_short'], [3.4, 'fit.off_long'], [2.55, 'fit.off_none']] as [$metres, $code]) {
            $cable = Length::ofMetres($metres);
            $check = FitCheck::ofCable($body, Handle::usual(), Stance::TwoFeet, $cable, Stage::Singles);
            $remedy = $check->remedy($cable);
            self::assertSame($code, $remedy->code);
            if ('fit.off_none' !== $code) {
                self::assertEqualsWithDelta($metres - $check->offBy->metres(), $remedy->values['right_m'], 1e-12);
                self::assertEqualsWithDelta(abs($check->offBy->metres()), $remedy->values['off_m'], 1e-12);
            }
        }
    }

    public function testTheCableOfAReachIsTheInverseOfTheReachOfACable(): void
    {
        $body = Body::ofStature(Length::ofMetres(1.75));
        foreach (Stance::cases() as $stance) {
            $check = FitCheck::ofCable($body, Handle::usual(), $stance, Length::ofMetres(2.44), Stage::Singles);
            self::assertEqualsWithDelta(
                2.44,
                FitCheck::cableOf($check->reach, Handle::usual(), $stance)->metres(),
                1e-12,
            );
            self::assertEquals(Term::of($check->reaches), $check->reachVerdict()->values['landmark']);
        }
    }

    public function testARightRopeIsOffByNothing(): void
    {
        $check = FitCheck::ofCable(
            Body::ofStature(Length::ofMetres(1.68)),
            Handle::usual(),
            Stance::TwoFeet,
            Length::ofMetres(2.44),
            Stage::Singles,
        );
        self::assertSame(Fit::Right, $check->fit);
        self::assertSame(0.0, $check->offBy->metres());
    }
}
