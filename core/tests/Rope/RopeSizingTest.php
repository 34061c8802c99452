<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rope;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\Reading;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolRope;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Tests\Reference;

final class RopeSizingTest extends TestCase
{
    /** Common practice, no published source: 5 ft 8 in takes a rope of 8 ft 8 in. */
    public function testTheRuleOfHeightAddsThreeFeet(): void
    {
        $rope = self::sizing(Length::ofFeetAndInches(5, 8))->bySchool(School::Height);
        self::assertEqualsWithDelta(Length::ofFeetAndInches(8, 8)->metres(), $rope->overall->metres(), 1e-12);
        self::assertEqualsWithDelta(2.6416, $rope->overall->metres(), 1e-12);
    }

    /**
     * @param array{H: float, handle: float}                                                                $in
     * @param array{rule_i_cable: float, rule_ii_cable: float, rule_iii_cable: float, rule_iv_cable: float} $out
     */
    #[DataProvider('sizingCases')]
    public function testSchoolsAgreeWithTheReference(array $in, array $out): void
    {
        $sizing = self::sizing(Length::ofMetres($in['H']), Length::ofMetres($in['handle']));
        $cables = [
            'rule_i_cable' => $sizing->bySchool(School::Height),
            'rule_ii_cable' => $sizing->bySchool(School::Armpit, Stance::Pinned, Reading::HandleEnd),
            'rule_iii_cable' => $sizing->bySchool(School::Chest, Stance::Pinned, Reading::CableEnd),
            'rule_iv_cable' => $sizing->bySchool(School::Breastbone, Stance::Pinned, Reading::CableEnd),
        ];
        foreach ($cables as $name => $rope) {
            self::assertEqualsWithDelta($out[$name], $rope->cable->metres(), 6e-6, $name);
        }
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function sizingCases(): iterable
    {
        return Reference::cases('geometry.json', 'sizing');
    }

    /** The worked example of docs/models/rope.md at 1.68 m with 15 cm handles, in whole centimetres. */
    public function testTheSchoolsOfTheWorkedExample(): void
    {
        $cables = [];
        foreach (self::sizing(Length::ofMetres(1.68))->allSchools() as $rope) {
            $cables[$rope->school->value] = (int) round($rope->cable->centimetres());
        }
        self::assertSame(
            [
                'below-chest' => 214,
                'height' => 229,
                'chest' => 231,
                'armpit' => 244,
                'breastbone' => 251,
                'shoulder' => 264,
            ],
            $cables,
        );
    }

    public function testOnlyTheLandmarkSchoolsChangeWithTheStance(): void
    {
        $sizing = self::sizing(Length::ofMetres(1.75));
        foreach (School::cases() as $school) {
            $difference = $sizing
                ->bySchool($school, Stance::TwoFeet)
                ->cable->minus($sizing->bySchool($school, Stance::Pinned)->cable)
                ->metres();
            self::assertEqualsWithDelta(null === $school->landmark() ? 0.0 : 0.19, $difference, 1e-12, $school->value);
        }
    }

    public function testTheTwoReadingsLieTwoHandlesApart(): void
    {
        $sizing = self::sizing(Length::ofMetres(1.75), Length::ofMetres(0.17));
        $difference = $sizing
            ->bySchool(School::Armpit, reading: Reading::CableEnd)
            ->cable->minus($sizing->bySchool(School::Armpit, reading: Reading::HandleEnd)->cable);
        self::assertEqualsWithDelta(0.34, $difference->metres(), 1e-12);
    }

    public function testATapedLandmarkWinsAndIsSurer(): void
    {
        $body = Body::ofStature(Length::ofMetres(1.75))->withTaped(Landmark::Armpit, Length::ofMetres(1.4));
        $rope = RopeSizing::of($body, Handle::usual(), Length::ofMetres(0.05))->bySchool(School::Armpit);
        self::assertTrue($rope->reach?->taped);
        self::assertEqualsWithDelta(2 * 1.4 + 0.19 - 0.3, $rope->cable->metres(), 1e-12);
        self::assertEqualsWithDelta(0.02, $rope->uncertainty->metres(), 1e-12);
    }

    public function testTheCutAddsSpareAndThePieceInsideBothHandles(): void
    {
        $rope = self::sizing(Length::ofMetres(1.75))->bySchool(School::Chest);
        self::assertEqualsWithDelta(2 * (0.05 + 0.02), $rope->cut->minus($rope->cable)->metres(), 1e-12);
        self::assertEqualsWithDelta(0.3, $rope->overall->minus($rope->cable)->metres(), 1e-12);
    }

    /**
     * Independent of any school: each metre of stature asks for 1.02 m of bare rope, and only the rule of height grows
     * like that.
     */
    public function testTheRuleOfHeightLeavesTheSameSpareArcToTallAndShort(): void
    {
        $spares = array_map(
            static fn (float $stature): float => self::sizing(Length::ofMetres($stature))
                ->bySchool(School::Height)
                ->spareArc()->metres(),
            [1.5, 1.75, 2.0],
        );
        self::assertEqualsWithDelta(0.075, $spares[1], 0.003);
        self::assertLessThan(0.01, max($spares) - min($spares));
        $armpit = array_map(
            static fn (float $stature): float => self::sizing(Length::ofMetres($stature))
                ->bySchool(School::Armpit, Stance::Pinned)
                ->spareArc()->metres(),
            [1.5, 1.9],
        );
        self::assertGreaterThan(0.08, $armpit[1] - $armpit[0], 'the armpit rule gives more to the tall');
    }

    #[DataProvider('senseless')]
    public function testRefusesMeasuresThatNobodyHas(callable $make, string $message): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage($message);
        $make();
    }

    /**
     * @return iterable<string, array{callable(): mixed, string}>
     */
    public static function senseless(): iterable
    {
        yield 'a giant' => [static fn (): mixed => Body::ofStature(Length::ofMetres(2.31)), 'Height 231 cm'];
        yield 'an armpit above the head' => [
            static fn (): mixed => Body::ofStature(Length::ofMetres(1.5))->withTaped(
                Landmark::Armpit,
                Length::ofMetres(1.51),
            ),
            'armpit 151 cm',
        ];
        yield 'an armpit on the floor' => [
            static fn (): mixed => Body::ofStature(Length::ofMetres(1.5))->withTaped(
                Landmark::Armpit,
                Length::ofMetres(0.1),
            ),
            'armpit 10 cm',
        ];
        yield 'an endless handle' => [
            static fn (): mixed => Handle::ofLength(Length::ofMetres(0.31)),
            'Handle length 31 cm',
        ];
        yield 'negative spare' => [
            static fn (): mixed => RopeSizing::of(
                Body::ofStature(Length::ofMetres(1.5)),
                Handle::usual(),
                Length::ofMetres(-0.02),
            ),
            'Spare per side -2 cm',
        ];
    }

    public function testAllSchoolsComeShortestFirst(): void
    {
        $cables = array_map(
            static fn (SchoolRope $rope): float => $rope->cable->metres(),
            self::sizing(Length::ofMetres(1.42))->allSchools(),
        );
        $sorted = $cables;
        sort($sorted);
        self::assertSame($sorted, $cables);
        self::assertCount(\count(School::cases()), $cables);
    }

    private static function sizing(Length $stature, ?Length $handle = null): RopeSizing
    {
        return RopeSizing::of(
            Body::ofStature($stature),
            null === $handle ? Handle::usual() : Handle::ofLength($handle),
            Length::ofMetres(RopeSizing::USUAL_SPARE_M),
        );
    }
}
