<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Gear;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Gear\GivingPlan;
use Zumbo\Core\Gear\InspectionPoint;
use Zumbo\Core\Gear\RopeWish;
use Zumbo\Core\Gear\SharedRope;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Stage\Stage;

final class GivingPlanTest extends TestCase
{
    /** Whoever comes first does not take the only rope that fits somebody else. */
    public function testAsManyAsPossibleAreServedEachWithItsReason(): void
    {
        $given = self::give([['a', 244], ['b', 252], ['c', 203], ['d', 255]], [['R1', 244], ['R2', 255]]);
        self::assertSame(
            [
                'a: R1, 244 cm: as long as 244 cm asks.',
                'b: Every rope near 252 cm is taken: R2 serves d. Another of 252 cm would do.',
                'c: No rope on the rack is near 203 cm: the nearest, R1, is 41 cm off. Buy or cut one of 203 cm.',
                'd: R2, 255 cm: as long as 255 cm asks.',
            ],
            $given,
        );
    }

    public function testTheChainIsFoundWhenTheBestRopeMustBeGivenAway(): void
    {
        self::assertSame(
            [
                'a: R2, 250 cm: 6 cm longer than 244 cm; it costs some effort. R1, 244 cm, is nearer, but serves b.',
                'b: R1, 244 cm: 8 cm longer than 236 cm; it costs some effort.',
            ],
            self::give([['a', 244], ['b', 236]], [['R1', 244], ['R2', 250]]),
        );
    }

    public function testAnEmptyRackIsTold(): void
    {
        self::assertSame(['a: There is no shared rope yet.'], self::give([['a', 244]], []));
    }

    public function testAPinIsTheCoachsWord(): void
    {
        $wishes = [
            new RopeWish('A', Length::ofCentimetres(244), Stage::Singles),
            new RopeWish('B', Length::ofCentimetres(210), Stage::Singles, pinnedTag: 'R1'),
        ];
        self::assertSame(
            [
                'A: R2, 250 cm: 6 cm longer than 244 cm; it costs some effort.',
                'B: R1, 244 cm: 34 cm longer than 210 cm; it costs some effort. '
                .'Pinned by the coach; by length and cable it would not be given.',
            ],
            self::said($wishes, [self::rope('R1', 244), self::rope('R2', 250)]),
        );
    }

    public function testTheSameRopeAsLastTimeIsPreferred(): void
    {
        $wish = new RopeWish('A', Length::ofCentimetres(244), Stage::Singles, lastTag: 'R2');
        self::assertSame(
            ['A: R2, 245 cm: as long as 244 cm asks. The same rope as last time.'],
            self::said([$wish], [self::rope('R1', 244), self::rope('R2', 245)]),
        );
    }

    /** A rope that failed its inspection is given to nobody, not even by a pin. */
    public function testAFailedOrKeptBackRopeIsNotGivenAndWhyIsTold(): void
    {
        $wish = new RopeWish('A', Length::ofCentimetres(244), Stage::Singles);
        $pinned = new RopeWish('A', Length::ofCentimetres(244), Stage::Singles, pinnedTag: 'R1');
        $failed = new SharedRope(
            'R1',
            Length::ofCentimetres(244),
            CableFamily::ThickCord,
            failed: [InspectionPoint::NoKinks],
        );
        $kept = new SharedRope('R1', Length::ofCentimetres(244), CableFamily::ThickCord, keptBack: true);
        self::assertSame(
            ['A: R1, 244 cm, would fit 244 cm, but it failed its inspection: mend it, or buy one of 244 cm.'],
            self::said([$wish], [$failed]),
        );
        self::assertSame(
            [
                'A: R1 is pinned to them, but it failed its inspection or is not on the rack: unpin it, or mend and inspect it.',
            ],
            self::said([$pinned], [$failed]),
        );
        self::assertSame(
            ['A: R1, 244 cm, would fit 244 cm, but it is kept back or pinned to somebody.'],
            self::said([$wish], [$kept]),
        );
        self::assertSame(
            ['A: R1, 244 cm: as long as 244 cm asks. Pinned by the coach.'],
            self::said([$pinned], [$kept]),
        );
        self::assertEquals([Length::ofCentimetres(244)], GivingPlan::of([$wish], [$failed])->toBuy);
    }

    public function testACableThatIsNotForTheStageIsTold(): void
    {
        $wire = new SharedRope('W1', Length::ofCentimetres(244), CableFamily::ThinWire);
        self::assertSame(
            [
                'A: W1 is near 244 cm, but Bare or thinly coated wire (1.5–1.8 mm) is not for this stage. Buy or cut one of 244 cm.',
            ],
            self::said([new RopeWish('A', Length::ofCentimetres(244), Stage::Singles)], [$wire]),
        );
    }

    private static function rope(string $tag, int $cm): SharedRope
    {
        return new SharedRope($tag, Length::ofCentimetres($cm), CableFamily::ThickCord);
    }

    /**
     * @param list<RopeWish>   $wishes
     * @param list<SharedRope> $ropes
     *
     * @return list<string>
     */
    private static function said(array $wishes, array $ropes): array
    {
        return array_map(
            static fn (array $one): string => $one['wish']->name.
                ': '.
                implode(' ', array_map(MessageCatalogue::in(LengthUnit::Centimetre)->sentence(...), $one['reasons'])),
            GivingPlan::of($wishes, $ropes)->given,
        );
    }

    /**
     * @param list<array{string, int}> $wishes
     * @param list<array{string, int}> $ropes
     *
     * @return list<string>
     */
    private static function give(array $wishes, array $ropes): array
    {
        return self::said(
            array_map(
                static fn (array $wish): RopeWish => new RopeWish(
                    $wish[0],
                    Length::ofCentimetres($wish[1]),
                    Stage::Singles,
                ),
                $wishes,
            ),
            array_map(static fn (array $rope): SharedRope => self::rope($rope[0], $rope[1]), $ropes),
        );
    }
}
