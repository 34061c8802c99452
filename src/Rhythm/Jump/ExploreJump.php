<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Jump;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\MayJump;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Figure;
use Zumbo\Core\Cable\CableAdvice;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\CableFeel;
use Zumbo\Core\Jump\Flight;
use Zumbo\Core\Jump\JumpGeometry;
use Zumbo\Core\Jump\RopeJump;
use Zumbo\Core\Jump\WayToJump;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\RopeTooShort;
use Zumbo\Core\Rope\TurningRope;
use Zumbo\Core\Rope\WidthPenalty;

/**
 * Weighs jump height against turning rate with the rope an athlete has, or the one that would be sized for them.
 */
final readonly class ExploreJump
{
    private const CURVE_TO_CM = 45;
    private const HIGH_M = 0.2;

    /** So much over the least even jump: nobody jumps at the limit. */
    private const LOW_SPARE_M = 0.02;

    /** From quick to slow. */
    private const CONTACTS_MS = [120, 150, 180, 210, 250];

    private const SHORTER_CONTACT_S = 0.03;
    private const DRIFT_M = 0.1;

    public function __construct(private Athletes $athletes, private MayJump $mayJump, private Gyms $gyms)
    {
    }

    public function forAthlete(Uuid $id, JumpExplorerInput $input): JumpExplorerView
    {
        $athlete = $this->athletes->get($id);
        $gym = $this->gyms->current();
        $judged = $this->mayJump->orRefuse($athlete);
        $body = $judged->wanted->body;
        $spec = $judged->rope?->spec();
        $cable = $judged->cable()
            ?? throw BadField::of('handle', null, 'the length of one handle, on the size page: the cable hangs on it');
        $span = RopeSizing::USUAL_HAND_SPAN_M + (2 * $input->handsOutCm) / 100;
        try {
            $rope = TurningRope::ofCable($cable, Length::ofMetres($span));
            $home = TurningRope::ofCable($cable, Length::ofMetres(RopeSizing::USUAL_HAND_SPAN_M));
            $drift = WidthPenalty::of($home, Length::ofMetres(self::DRIFT_M));
            $wider = $home->withSpan(Length::ofMetres(RopeSizing::USUAL_HAND_SPAN_M + 2 * self::DRIFT_M));
        } catch (RopeTooShort $e) {
            throw BadField::of(
                'handsOutCm',
                $input->handsOutCm,
                'hands that the cable still reaches',
                ucfirst($e->getMessage()).'.',
            );
        }
        $family = $spec->family ?? CableAdvice::forStage($athlete->stage(), $rope)->family;
        $geometry = self::geometry($body, $rope, $family);
        $contact = $input->contactMs / 1000;
        $least = RopeJump::leastEvenHeight($input->passes, $geometry, $contact);
        $way = static function (float $metres) use ($input, $geometry, $contact, $rope, $family): WayView {
            $jump = WayToJump::of(RopeJump::of($input->passes, Flight::ofHeight($metres), $geometry, $contact));

            return WayView::of(
                $jump,
                CableFeel::of(
                    $rope,
                    $family->linearDensity(),
                    $family->diameter(),
                    Rate::perMinute($jump->evenTurnsPerMinute),
                )->dragPowerW,
                $input->massKg,
            );
        };
        $leastAt = static fn (TurningRope $at): float => RopeJump::leastEvenHeight(
            $input->passes,
            self::geometry($body, $at, $family),
            $contact,
        );

        return new JumpExplorerView(
            $cable->metres(),
            Figure::of($body)->footLength->metres(),
            $geometry->clearanceM,
            array_map(static fn (int $passes): PassCurveView => self::curve($passes, $geometry, $contact), [1, 2, 3]),
            $way($input->jumpCm / 100),
            $way(null === $input->highCm ? max(self::HIGH_M, $least + 2 * self::LOW_SPARE_M) : $input->highCm / 100),
            $way(null === $input->lowCm ? $least + self::LOW_SPARE_M : $input->lowCm / 100),
            array_map(
                static fn (int $ms): ContactView => new ContactView(
                    $ms,
                    RopeJump::leastEvenHeight($input->passes, $geometry, $ms / 1000),
                ),
                self::CONTACTS_MS,
            ),
            SentenceView::of(self::answer($input->passes, $geometry, $contact, $least), $gym->unit()),
            SentenceView::of(
                // From the usual place, as on the bench: the same drift costs the same.
                Verdict::of('explorer.wide_hands', [
                    'out_m' => self::DRIFT_M,
                    'rise_m' => $drift->rise?->metres() ?? 0.0,
                    'more_m' => max(0.0, $leastAt($wider) - $leastAt($home)),
                ]),
                $gym->unit(),
            ),
        );
    }

    /** A rope that drags is held up by the floor: its circle is as deep as the hands are high. */
    private static function geometry(Body $body, TurningRope $rope, CableFamily $family): JumpGeometry
    {
        $hands = $body->handHeight()->metres();
        $depth = min($rope->depth->metres(), $hands);

        return JumpGeometry::of(
            Figure::of($body)->footLength->metres(),
            $depth,
            $family->diameter(),
            max(0.0, $hands - $rope->depth->metres()),
        );
    }

    private static function curve(int $passes, JumpGeometry $geometry, float $contact): PassCurveView
    {
        return new PassCurveView(
            $passes,
            array_map(static function (int $cm) use ($passes, $geometry, $contact): JumpPointView {
                $jump = RopeJump::of($passes, Flight::ofHeight($cm / 100), $geometry, $contact);

                return new JumpPointView($cm / 100, $jump->leastTurnsPerMinute(), $jump->evenTurnsPerMinute());
            }, range(1, self::CURVE_TO_CM)),
            RopeJump::leastEvenHeight($passes, $geometry, $contact),
        );
    }

    private static function answer(int $passes, JumpGeometry $geometry, float $contact, float $least): Verdict
    {
        $shorter = max(0.05, $contact - self::SHORTER_CONTACT_S);

        return Verdict::of('explorer.contact_first', [
            'passes' => $passes,
            'least_m' => $least,
            'shorter_ms' => 1000 * ($contact - $shorter),
            'shorter_m' => RopeJump::leastEvenHeight($passes, $geometry, $shorter),
        ]);
    }
}
