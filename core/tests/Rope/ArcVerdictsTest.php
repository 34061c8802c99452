<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rope;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Figure;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\ArcVerdicts;
use Zumbo\Core\Rope\Clearance;
use Zumbo\Core\Rope\FloorContact;
use Zumbo\Core\Rope\Hands;
use Zumbo\Core\Rope\HeldRope;
use Zumbo\Core\Rope\SideView;
use Zumbo\Core\Rope\WidthPenalty;

/**
 * What a coach reads off the bench, for ropes and hands of every kind.
 */
final class ArcVerdictsTest extends TestCase
{
    #[TestWith([2.44, 'arc.headline_spare', 'arc.drags'])]
    #[TestWith([2.16, 'arc.headline_snug', 'arc.drags'])]
    #[TestWith([2.0, 'arc.headline_short', 'arc.passes_above'])]
    public function testTheHeadlineFollowsTheSpareArc(float $cable, string $headline, string $atFloor): void
    {
        $verdicts = self::verdicts(self::level($cable));
        self::assertSame([$headline, $atFloor], [$verdicts->headline->code, $verdicts->atFloor->code]);
    }

    public function testTheSentencesSayWhatTheGeometryIs(): void
    {
        $held = self::level(2.44);
        $verdicts = self::verdicts($held);
        self::assertEqualsWithDelta(-$held->lowest->metres(), $verdicts->headline->values['spare_arc_m'], 1e-12);
        self::assertEqualsWithDelta(
            $held->highest->metres() - 1.68,
            $verdicts->overHead->values['head_clearance_m'],
            1e-12,
        );
        self::assertEqualsWithDelta(
            $held->highest->metres() + 0.15 + 0.1,
            $verdicts->ceiling->values['ceiling_m'],
            1e-12,
        );
        self::assertSame(
            'each hand 10 cm wider: 5 cm of arc are gone',
            MessageCatalogue::in(LengthUnit::Centimetre)->sentence($verdicts->wideHands),
        );
    }

    public function testARopeThatHitsTheHeadOrNoLongerReachesIsTold(): void
    {
        self::assertSame('arc.hits_head', self::verdicts(self::level(1.5))->overHead->code);
        $wide = HeldRope::of(Length::ofMetres(2.0), Hands::level(Length::ofMetres(1.95), Length::ofMetres(0.924)));
        self::assertSame('arc.cannot_reach', self::verdicts($wide)->wideHands->code);
    }

    #[TestWith([0.924, 0.93, 'arc.hands_up'])]
    #[TestWith([0.924, 0.96, 'arc.uneven'])]
    #[TestWith([1.0, 0.9, 'arc.uneven'])]
    public function testUnevenHandsAreToldFromTwoCentimetresOn(float $left, float $right, string $code): void
    {
        $held = HeldRope::of(
            Length::ofMetres(2.44),
            Hands::at(
                Length::ofMetres(0.45),
                Length::ofMetres($left),
                Length::ofMetres(0.45),
                Length::ofMetres($right),
            ),
        );
        self::assertSame($code, self::verdicts($held)->hands->code);
    }

    /** A rope with spare arc comes down in front; one that just touches, under the hands; a short one nowhere. */
    #[TestWith([2.44, null, 'arc.meets_ahead'])]
    #[TestWith([2.16, -0.2, 'arc.meets_behind'])]
    #[TestWith([2.0, null, 'arc.meets_nowhere'])]
    public function testWhereItComesDownIsTold(float $cable, ?float $ahead, string $code): void
    {
        $side = SideView::of(
            self::level($cable),
            Figure::of(self::body()),
            null === $ahead ? null : Length::ofMetres($ahead),
        );
        self::assertSame($code, ArcVerdicts::ahead($side)->code);
        $said = ArcVerdicts::ahead($side)->values['ahead_m'] ?? null;
        null === $said
            ? self::assertNull($side->aheadOfToes())
            : self::assertEqualsWithDelta(abs((float) $side->aheadOfToes()?->metres()), $said, 1e-12);
    }

    /** Raised hands lift the whole arc: 10 cm up take 10 cm of it. */
    public function testRaisedHandsTakeAsMuchArcAsTheyRise(): void
    {
        $usual = self::level(2.44);
        $raised = HeldRope::of(Length::ofMetres(2.44), Hands::level(Length::ofMetres(0.9), Length::ofMetres(1.024)));
        self::assertEqualsWithDelta(0.1, $raised->lowest->metres() - $usual->lowest->metres(), 1e-12);
        self::assertLessThan(
            FloorContact::of($usual)->dragging->metres(),
            FloorContact::of($raised)->dragging->metres(),
        );
    }

    private static function level(float $cable): HeldRope
    {
        return HeldRope::of(Length::ofMetres($cable), Hands::level(Length::ofMetres(0.9), self::body()->handHeight()));
    }

    private static function verdicts(HeldRope $held): ArcVerdicts
    {
        $clearance = Clearance::of(
            $held,
            self::body()->stature,
            Length::ofMetres(0.15),
            Length::ofMetres(Clearance::USUAL_CEILING_MARGIN_M),
        );

        return ArcVerdicts::of(
            $held,
            $clearance,
            FloorContact::of($held),
            WidthPenalty::of($held->rope, Length::ofMetres(0.1)),
        );
    }

    private static function body(): Body
    {
        return Body::ofStature(Length::ofMetres(1.68));
    }
}
