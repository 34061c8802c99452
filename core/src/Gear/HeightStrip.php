<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\Measuring;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolInForce;
use Zumbo\Core\Stage\Stage;

/**
 * The strip on the wall beside the rack: a guest stands against it and reads the tag of their rope in five seconds.
 *
 * For each height the rope that costs least beside the gym's school for beginners, the same that rack and sizing use,
 * so that a guest gets one answer; neighbouring heights with one rope make a band.
 */
final class HeightStrip
{
    private const FROM_CM = 110;
    private const TO_CM = 210;

    /** A guest is taken for somebody who learns to link singles. */
    private const STAGE = Stage::Join;

    /**
     * @param list<SharedRope> $ropes
     *
     * @return list<HeightBand> without a gap, the lowest first; a band without a rope is one for which nothing fits
     */
    public static function of(
        array $ropes,
        School $forBeginners = SchoolInForce::FOR_BEGINNERS,
        ?Handle $handle = null,
        ?Measuring $measuring = null,
    ): array {
        $measuring ??= Measuring::bySchool();
        $handle ??= Handle::usual();
        $bands = [];
        $from = self::FROM_CM;
        $now = self::best($ropes, $from, $forBeginners, $handle, $measuring);
        for ($cm = self::FROM_CM + 1; $cm <= self::TO_CM; ++$cm) {
            $next = $cm < self::TO_CM ? self::best($ropes, $cm, $forBeginners, $handle, $measuring) : null;
            if ($next !== $now || self::TO_CM === $cm) {
                $bands[] = new HeightBand(Length::ofCentimetres($from), Length::ofCentimetres($cm), $now);
                [$from, $now] = [$cm, $next];
            }
        }

        return $bands;
    }

    /**
     * @param list<SharedRope> $ropes
     */
    private static function best(
        array $ropes,
        int $cm,
        School $forBeginners,
        Handle $handle,
        Measuring $measuring,
    ): ?SharedRope {
        $body = Body::ofStature(Length::ofCentimetres($cm));
        $school = SchoolInForce::of($body, self::STAGE, forBeginners: $forBeginners)->school;
        $ideal = RopeSizing::of($body, $handle, Length::ofMetres(RopeSizing::USUAL_SPARE_M))
            ->bySchool($school, $measuring->stance, $measuring->reading)
            ->cable->metres();
        $best = null;
        $least = \INF;
        foreach ($ropes as $rope) {
            $cost = RopeMatch::cost($ideal, self::STAGE, $rope->cable->metres(), $rope->family, false);
            if (null !== $cost && $cost < $least) {
                [$best, $least] = [$rope, $cost];
            }
        }

        return $best;
    }
}
