<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rope;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\RopeAdvice;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolInForce;
use Zumbo\Core\Rope\TrimSchool;
use Zumbo\Core\Stage\Stage;

final class RopeAdviceTest extends TestCase
{
    public function testALearnerHasTheArmpitSchoolWhateverTheirHeight(): void
    {
        foreach ([1.42, 1.68, 2.03] as $stature) {
            self::assertSame(School::Armpit, self::inForce($stature, Stage::Join)->school, "at $stature m");
        }
        self::assertSame(
            ['rope.by_landmark', 'school.beginners', 'rope.spare_arc', 'rope.spread'],
            self::codes(self::advice(1.68, Stage::Join)),
        );
    }

    public function testWhereTheSchoolMisfitsAnUnusualHeightItSaysSoAndKeepsToIt(): void
    {
        self::assertContains('rope.school_misfits', self::codes(self::advice(2.03, Stage::Join)));
        self::assertNotContains('rope.school_misfits', self::codes(self::advice(1.68, Stage::Join)));
    }

    public function testWhoeverLinksDoublesEndsAtTheChestWhereOneStartsLong(): void
    {
        self::assertSame(School::Chest, self::inForce(1.68, Stage::Hold)->school);
        self::assertSame(School::Armpit, self::inForce(1.68, Stage::Hold, TrimSchool::GoalLength)->school);
        self::assertSame('school.goal_length', self::inForce(1.68, Stage::Join, TrimSchool::GoalLength)->reason->code);
    }

    public function testTheCoachsChoiceHoldsAtEveryStage(): void
    {
        foreach (Stage::cases() as $stage) {
            $inForce = SchoolInForce::of(self::body(1.8), $stage, chosen: School::BelowChest);
            self::assertSame([School::BelowChest, true], [$inForce->school, $inForce->byCoach]);
        }
    }

    public function testTheGymsSchoolForBeginnersIsTheirs(): void
    {
        $inForce = SchoolInForce::of(self::body(1.8), Stage::Range, forBeginners: School::Chest);
        self::assertSame(School::Chest, $inForce->school);
    }

    public function testASchoolThatWouldNotPassUnderTheFeetIsNotTaken(): void
    {
        $inForce = self::inForce(0.95, Stage::Join);
        self::assertSame([School::Height, 'school.does_not_pass'], [$inForce->school, $inForce->reason->code]);
    }

    #[DataProvider('everybody')]
    public function testEverybodyGetsARopeThatPassesUnderTheFeet(float $stature, Stage $stage): void
    {
        self::assertGreaterThanOrEqual(0.0, self::advice($stature, $stage)->rope->spareArc()->metres());
    }

    /**
     * @return iterable<string, array{float, Stage}>
     */
    public static function everybody(): iterable
    {
        foreach (Stage::cases() as $stage) {
            for ($centimetres = 90; $centimetres <= 230; $centimetres += 10) {
                yield "$centimetres cm, {$stage->value}" => [$centimetres / 100, $stage];
            }
        }
    }

    public function testTheWayOnIsSaidUntilItIsWalked(): void
    {
        $sizing = RopeSizing::of(self::body(1.68), Handle::usual(), Length::ofMetres(0.05));
        [$armpit, $chest] = [$sizing->bySchool(School::Armpit), $sizing->bySchool(School::Chest)];
        $later = RopeAdvice::later($armpit, $chest, Stage::Join->phase());
        self::assertSame('rope.later', $later?->code);
        self::assertEqualsWithDelta(0.1344, $later->values['off_m'], 1e-9);
        self::assertNull(RopeAdvice::later($armpit, $chest, Stage::Link->phase()));
        self::assertNull(RopeAdvice::later($chest, $chest, Stage::Join->phase()));
    }

    /**
     * @return list<string>
     */
    private static function codes(RopeAdvice $advice): array
    {
        return array_map(static fn (Verdict $verdict): string => $verdict->code, $advice->reasons);
    }

    private static function body(float $stature): Body
    {
        return Body::ofStature(Length::ofMetres($stature));
    }

    private static function inForce(
        float $stature,
        Stage $stage,
        TrimSchool $trim = TrimSchool::StartLong,
    ): SchoolInForce {
        return SchoolInForce::of(self::body($stature), $stage, $trim);
    }

    private static function advice(float $stature, Stage $stage): RopeAdvice
    {
        $sizing = RopeSizing::of(self::body($stature), Handle::usual(), Length::ofMetres(0.05));
        $inForce = self::inForce($stature, $stage);

        return RopeAdvice::of(
            self::body($stature),
            $inForce,
            $sizing->bySchool($inForce->school),
            $stage,
            $sizing->allSchools(),
        );
    }
}
