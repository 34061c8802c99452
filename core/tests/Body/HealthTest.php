<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Body;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Body\Clearance;
use Zumbo\Core\Body\Health;
use Zumbo\Core\Body\HealthNote;
use Zumbo\Core\Measure\OutOfRange;

/**
 * Which word lifts what: common practice; the limits of 7 and of three records in four weeks are ours.
 */
final class HealthTest extends TestCase
{
    public function testPainStandsUntilACoachClearsIt(): void
    {
        $pain = HealthNote::of(Caution::Pain, BodyPart::Knee, 4, 3);
        $standing = Health::of([$pain]);
        self::assertTrue($standing->noJumping);
        self::assertFalse($standing->nothing);
        self::assertSame([BodyPart::Knee], $standing->sore);
        $lifted = Health::of([$pain->clearedBy(Clearance::Coach, 2)]);
        self::assertFalse($lifted->noJumping);
        self::assertSame(2, $lifted->returningSinceDays);
    }

    #[DataProvider('warnings')]
    public function testNoCoachLiftsAWarningSignOrACondition(Caution $caution, bool $nothing): void
    {
        $note = HealthNote::of($caution);
        self::assertSame($nothing, Health::of([$note])->nothing);
        self::assertTrue(Health::of([$note->clearedBy(Clearance::Coach)])->noJumping);
        self::assertFalse(Health::of([$note->clearedBy(Clearance::Professional)])->noJumping);
        self::assertFalse(Health::coachMayClear($note));
    }

    /**
     * @return iterable<string, array{Caution, bool}>
     */
    public static function warnings(): iterable
    {
        foreach (['chest-pain', 'fainting', 'dizziness', 'calf-pain', 'numbness', 'red-flag'] as $urgent) {
            yield $urgent => [Caution::from($urgent), true];
        }
        foreach (['leakage', 'pregnancy', 'after-childbirth', 'pelvic-floor', 'bone', 'heart'] as $other) {
            yield $other => [Caution::from($other), false];
        }
    }

    public function testSeverePainIsNoLongerForACoachToClear(): void
    {
        foreach ([6 => false, 7 => true, 10 => true] as $degree => $severe) {
            $pain = HealthNote::of(Caution::Pain, BodyPart::Shin, $degree);
            self::assertSame($severe, Health::of([$pain])->nothing, "degree $degree");
            self::assertSame($severe, Health::of([$pain->clearedBy(Clearance::Coach)])->noJumping);
        }
    }

    public function testTheThirdRecordOfOnePlaceWithinFourWeeksCountsAsAWarningSign(): void
    {
        $shin = static fn (int $daysAgo): HealthNote => HealthNote::of(Caution::Pain, BodyPart::Shin, 3, $daysAgo)
            ->clearedBy(Clearance::Coach, $daysAgo);
        self::assertTrue(Health::of([$shin(0), $shin(27), $shin(10)])->noJumping);
        self::assertFalse(Health::of([$shin(0), $shin(29), $shin(10)])->noJumping, 'the first is too long ago');
        $knee = HealthNote::of(Caution::Pain, BodyPart::Knee, 3, 5)->clearedBy(Clearance::Coach);
        self::assertFalse(Health::of([$shin(0), $knee, $shin(10)])->noJumping, 'another place');
    }

    public function testEasyWeeksEndByThemselves(): void
    {
        $easy = static fn (int $left): Health => Health::of([HealthNote::of(Caution::EasyWeeks, daysLeft: $left)]);
        self::assertTrue($easy(0)->easy);
        self::assertFalse($easy(-1)->easy);
        self::assertFalse($easy(5)->noJumping);
    }

    public function testTheGravestComesFirst(): void
    {
        $health = Health::of([
            HealthNote::of(Caution::Pain, BodyPart::Wrist, 2),
            HealthNote::of(Caution::Leakage),
            HealthNote::of(Caution::Dizziness),
        ]);
        self::assertSame(
            ['caution.urgent', 'caution.leakage', 'caution.pain'],
            array_map(static fn ($reason): string => $reason->code, $health->reasons),
        );
    }

    public function testADegreeIsFromNothingToTen(): void
    {
        $this->expectException(OutOfRange::class);
        HealthNote::of(Caution::Pain, BodyPart::Wrist, 11);
    }
}
