<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rope;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Figure;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rope\FloorContact;
use Zumbo\Core\Rope\Hands;
use Zumbo\Core\Rope\HeldRope;
use Zumbo\Core\Rope\RopeTooShort;
use Zumbo\Core\Rope\SideView;
use Zumbo\Core\Rope\TurningRope;

final class HeldRopeTest extends TestCase
{
    public function testLevelHandsAreThePlainArc(): void
    {
        $rope = TurningRope::ofCable(Length::ofMetres(2.4), Length::ofMetres(0.9));
        $held = HeldRope::of($rope->cable, Hands::level(Length::ofMetres(0.9), Length::ofMetres(0.96)));
        self::assertEqualsWithDelta(0.96 - $rope->depth->metres(), $held->lowest->metres(), 1e-12);
        self::assertEqualsWithDelta(0.96 + $rope->depth->metres(), $held->highest->metres(), 1e-12);
        $under = $held->under(5);
        self::assertSame([-0.45, 0.96], [$under[0]['x_m'], $under[0]['y_m']]);
        self::assertSame(0.0, $under[2]['y_m'], 'the floor holds it up');
        self::assertEqualsWithDelta(0.96 + $rope->depth->metres(), $held->over(5)[2]['y_m'], 1e-12);
    }

    /**
     * Geometry by hand: for hands one above the other the axis stands upright, and the rope reaches as low as the lower
     * hand.
     */
    public function testTheAxisTiltsAboutItsMiddle(): void
    {
        $hands = Hands::at(Length::ofMetres(0.4), Length::ofMetres(0.9), Length::ofMetres(0.5), Length::ofMetres(1.2));
        self::assertEqualsWithDelta(sqrt(0.9 ** 2 + 0.3 ** 2), $hands->span()->metres(), 1e-12);
        self::assertEqualsWithDelta(atan(0.3 / 0.9), $hands->tilt(), 1e-12);
        self::assertEqualsWithDelta(1.05, $hands->middleHeight()->metres(), 1e-12);
        self::assertEqualsWithDelta(0.05, $hands->middleOut()->metres(), 1e-12);
        $held = HeldRope::of(Length::ofMetres(2.4), $hands);
        $under = $held->under(401);
        self::assertEqualsWithDelta([-0.4, 0.9], array_values($under[0]), 1e-9);
        self::assertEqualsWithDelta([0.5, 1.2], array_values($under[400]), 1e-9);
        $over = $held->over(401);
        $highest = 0.0;
        foreach ($over as $point) {
            $highest = max($highest, $point['y_m']);
        }
        self::assertEqualsWithDelta($highest, $held->highest->metres(), 1e-4);
        self::assertEqualsWithDelta(
            2 * 1.05,
            $held->highest->metres() + $held->lowest->metres(),
            1e-9,
            'half a turn stands it on its head',
        );
    }

    /** Turning a rope in the mirror turns the same rope. */
    public function testLeftAndRightAreAlike(): void
    {
        [$low, $high] = [Length::ofMetres(0.9), Length::ofMetres(1.1)];
        [$near, $far] = [Length::ofMetres(0.4), Length::ofMetres(0.55)];
        $one = HeldRope::of(Length::ofMetres(2.5), Hands::at($near, $low, $far, $high));
        $other = HeldRope::of(Length::ofMetres(2.5), Hands::at($far, $high, $near, $low));
        self::assertEqualsWithDelta($one->lowest->metres(), $other->lowest->metres(), 1e-7);
        self::assertEqualsWithDelta(
            FloorContact::of($one)->dragging->metres(),
            FloorContact::of($other)->dragging->metres(),
            1e-5,
        );
    }

    #[TestWith([0.45, 0.92, 0.45, 0.92])]
    #[TestWith([0.4, 0.85, 0.6, 1.0])]
    public function testWhatDragsIsTheRopeUnderTheFloorLine(
        float $leftOut,
        float $left,
        float $rightOut,
        float $right,
    ): void {
        $held = HeldRope::of(
            Length::ofMetres(2.55),
            Hands::at(
                Length::ofMetres($leftOut),
                Length::ofMetres($left),
                Length::ofMetres($rightOut),
                Length::ofMetres($right),
            ),
        );
        $on = array_values(array_filter($held->under(4001), static fn (array $point): bool => 0.0 === $point['y_m']));
        $contact = FloorContact::of($held);
        self::assertNotEmpty($on);
        self::assertEqualsWithDelta($on[\count($on) - 1]['x_m'] - $on[0]['x_m'], $contact->width->metres(), 2e-3);
        self::assertGreaterThan($contact->width->metres(), $contact->dragging->metres());
        self::assertLessThan(2.55, $contact->dragging->metres());
    }

    public function testHandsFurtherApartThanTheCableAreRefused(): void
    {
        $this->expectException(RopeTooShort::class);
        HeldRope::of(
            Length::ofMetres(1.5),
            Hands::at(Length::ofMetres(0.8), Length::ofMetres(1.0), Length::ofMetres(0.8), Length::ofMetres(1.0)),
        );
    }

    public function testAHandBehindTheBackIsRefused(): void
    {
        $this->expectExceptionObject(OutOfRange::of('Hand out', '-10 cm', 'between 5 and 120 cm, or like 2\'0½"'));
        Hands::at(Length::ofMetres(-0.1), Length::ofMetres(1.0), Length::ofMetres(0.8), Length::ofMetres(1.0));
    }

    /** A circle of radius d about the hands meets the floor √(d² − h²) ahead of them. */
    public function testFromTheSideItComesDownAheadOfTheToes(): void
    {
        $figure = Figure::of(Body::ofStature(Length::ofMetres(1.68)));
        $held = HeldRope::of(Length::ofMetres(2.44), Hands::level(Length::ofMetres(0.9), Length::ofMetres(0.924)));
        $side = SideView::of($held, $figure, Length::ofMetres(0.1));
        $radius = 0.924 - $held->lowest->metres();
        self::assertEqualsWithDelta($radius, $side->radius->metres(), 1e-12);
        self::assertEqualsWithDelta(
            0.1 + sqrt($radius ** 2 - 0.924 ** 2) - 0.75 * 0.152 * 1.68,
            $side->aheadOfToes()?->metres(),
            1e-9,
        );
        $short = HeldRope::of(Length::ofMetres(1.9), Hands::level(Length::ofMetres(0.9), Length::ofMetres(0.924)));
        self::assertNull(SideView::of($short, $figure)->aheadOfToes());
    }
}
