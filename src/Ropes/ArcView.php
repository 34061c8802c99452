<?php

declare(strict_types=1);

namespace Zumbo\App\Ropes;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\TurningRope;

/**
 * One position of the turning rope, drawn from these points and nothing else.
 */
final readonly class ArcView
{
    /** Enough for a smooth curve at any size on screen. */
    private const POINTS = 61;

    /**
     * @param list<PointView> $points
     */
    private function __construct(public float $handSpanM, public float $depthM, public array $points)
    {
    }

    public static function of(TurningRope $rope): self
    {
        return new self(
            $rope->span->metres(),
            $rope->depth->metres(),
            array_map(static fn (array $point): PointView => new PointView(round($point['x_m'], 4), round($point['y_m'], 4)), $rope->shape(self::POINTS)),
        );
    }

    /** Null when the hands would be further apart than the cable is long. */
    public static function withHandsOut(TurningRope $rope, Length $eachHand): ?self
    {
        $span = $rope->span->plus($eachHand->times(2));

        return $rope->cable->compareTo($span) < 0 ? null : self::of($rope->withSpan($span));
    }
}
