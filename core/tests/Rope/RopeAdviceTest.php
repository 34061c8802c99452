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
use Zumbo\Core\Rope\TrimSchool;
use Zumbo\Core\Stage\Stage;

final class RopeAdviceTest extends TestCase
{
    public function testALearnerOfUsualHeightStartsWithTheArmpitSchool(): void
    {
        $advice = self::advice(1.68, Stage::Join);
        self::assertSame(School::Armpit, $advice->rope->school);
        self::assertSame(
            ['rope.by_landmark', 'rope.spare_arc', 'rope.spread', 'rope.start_long'],
            self::codes($advice),
        );
    }

    public function testWhereTheUsualSchoolMisfitsAnUnusualHeightItSaysSo(): void
    {
        $advice = self::advice(2.03, Stage::Join);
        self::assertNotSame(School::Armpit, $advice->rope->school);
        self::assertContains('rope.usual_school_misfits', self::codes($advice));
    }

    public function testALinkedJumperGetsAShorterRopeThanALearner(): void
    {
        foreach ([1.42, 1.6, 1.75, 1.9, 2.03] as $stature) {
            self::assertLessThan(
                self::advice($stature, Stage::Join)->rope->cable->metres(),
                self::advice($stature, Stage::Hold)->rope->cable->metres(),
                "at $stature m",
            );
        }
    }

    public function testOneSchoolStartsLongTheOtherWithTheGoalLength(): void
    {
        $goal = self::advice(1.68, Stage::Join, TrimSchool::GoalLength);
        self::assertContains('rope.goal_length', self::codes($goal));
        self::assertEquals(
            self::advice(1.68, Stage::Workout)->rope,
            $goal->rope,
            'from day one what is kept at the end',
        );
        self::assertGreaterThan($goal->rope->cable->metres(), self::advice(1.68, Stage::Join)->rope->cable->metres());
        self::assertNotContains(
            'rope.start_long',
            self::codes(self::advice(1.68, Stage::Workout)),
            'nothing is left to trim',
        );
    }

    #[DataProvider('everybody')]
    public function testEverybodyGetsARopeThatPassesUnderTheFeet(float $stature, Stage $stage): void
    {
        $spare = self::advice($stature, $stage)->rope->spareArc->metres();
        self::assertGreaterThanOrEqual(0.0, $spare);
        self::assertLessThanOrEqual(0.2, $spare);
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

    /**
     * @return list<string>
     */
    private static function codes(RopeAdvice $advice): array
    {
        return array_map(static fn (Verdict $verdict): string => $verdict->code, $advice->reasons);
    }

    private static function advice(float $stature, Stage $stage, TrimSchool $school = TrimSchool::StartLong): RopeAdvice
    {
        $ropes = RopeSizing::of(
            Body::ofStature(Length::ofMetres($stature)),
            Handle::usual(),
            Length::ofMetres(0.05),
        )->allSchools();
        \assert([] !== $ropes);

        return RopeAdvice::forStage($stage, $ropes, $school);
    }
}
