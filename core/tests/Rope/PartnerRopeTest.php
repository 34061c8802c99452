<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rope;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rope\PartnerRope;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\TurnedRope;
use Zumbo\Core\Rope\TurningRope;

final class PartnerRopeTest extends TestCase
{
    public function testFaceToFaceTheArcReachesThePartnersToes(): void
    {
        $body = self::body(175);
        $cable = PartnerRope::faceToFace($body, $body)->cable;
        $depth = TurningRope::ofCable($cable, Length::ofMetres(RopeSizing::USUAL_HAND_SPAN_M))->depth->metres();
        self::assertEqualsWithDelta(hypot(0.55 * 1.75, 0.45 + 0.076 * 1.75), $depth, 1e-9);
        $alone = TurningRope::ofDepth($body->handHeight(), Length::ofMetres(RopeSizing::USUAL_HAND_SPAN_M))->cable;
        self::assertGreaterThan($alone->metres() + 0.2, $cable->metres(), 'two need a longer rope');
    }

    public function testATallPartnersHeadIsClearedToo(): void
    {
        $tall = PartnerRope::faceToFace(self::body(150), self::body(203))->cable->metres();
        self::assertGreaterThan(
            PartnerRope::faceToFace(self::body(150), self::body(150))->cable->metres() + 0.3,
            $tall,
        );
    }

    public function testSideBySideTheSpanGrowsByAPerson(): void
    {
        $cable = PartnerRope::sideBySide(self::body(170), self::body(170))->cable;
        $rope = TurningRope::ofCable($cable, Length::ofMetres(0.9 + 0.15 + 0.259 * 1.7));
        self::assertEqualsWithDelta(0.55 * 1.7, $rope->depth->metres(), 1e-9);
        $uneven = TurningRope::ofCable(
            PartnerRope::sideBySide(self::body(150), self::body(170))->cable,
            Length::ofMetres(0.9 + 0.15 + 0.259 * 1.6),
        );
        self::assertEqualsWithDelta(0.55 * 1.7, $uneven->depth->metres(), 1e-9, 'the higher hands count');
    }

    /** 12 ft or more: common practice, no published source. */
    public function testATurnedRopeIsNeverUnderTwelveFeet(): void
    {
        $close = TurnedRope::of(self::body(165), self::body(165), self::body(150), Length::ofMetres(1.5));
        self::assertSame([3.6576, 'turned.least'], [$close->cable->metres(), $close->reason->code]);
        $far = TurnedRope::of(self::body(165), self::body(175), self::body(203), Length::ofMetres(4.0));
        self::assertSame('turned.computed', $far->reason->code);
        $arc = TurningRope::ofCable($far->cable, Length::ofMetres(4.0))->depth->metres();
        self::assertEqualsWithDelta(2.03 + 0.25 - 0.55 * 1.7, $arc, 1e-9);
    }

    public function testTurnersWhoHoldHandsAreRefused(): void
    {
        $this->expectException(OutOfRange::class);
        TurnedRope::of(self::body(165), self::body(165), self::body(150), Length::ofMetres(0.3));
    }

    private static function body(int $cm): Body
    {
        return Body::ofStature(Length::ofCentimetres($cm));
    }
}
