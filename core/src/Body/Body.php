<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthRange;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Quantity;

/**
 * An athlete's measures: stature, and the landmarks the coach has taped. A taped value always wins over the estimate.
 */
final readonly class Body
{
    /**
     * A tape held by hand against a standing athlete reads to about a centimetre (common practice, no published
     * source).
     */
    public const TAPE_UNCERTAINTY_M = 0.01;

    /** No landmark lies lower: that would be the knee. */
    private const LOWEST_LANDMARK_SHARE = 0.3;

    /** Hands hang at 0.55 of stature with the elbows near 90° (our assumption, of the bare geometric rope). */
    private const HAND_SHARE = 0.55;

    /**
     * @param array<string, Length> $taped by Landmark value
     */
    private function __construct(public Length $stature, private array $taped)
    {
        Quantity::Stature->check($stature);
        foreach ($taped as $name => $height) {
            $least = $stature->times(self::LOWEST_LANDMARK_SHARE);
            $range = LengthRange::of($name, $least, $stature);
            $range->check($height);
        }
    }

    /** @throws OutOfRange when the stature is not between 90 and 230 cm */
    public static function ofStature(Length $stature): self
    {
        return new self($stature, []);
    }

    /** @throws OutOfRange when the landmark is above the head, or below the knee */
    public function withTaped(Landmark $landmark, Length $height): self
    {
        return new self($this->stature, [$landmark->value => $height] + $this->taped);
    }

    public function heightOf(Landmark $landmark): LandmarkHeight
    {
        $taped = $this->taped[$landmark->value] ?? null;
        if (null !== $taped) {
            return LandmarkHeight::taped($taped, Length::ofMetres(self::TAPE_UNCERTAINTY_M));
        }

        return LandmarkHeight::estimated(
            $this->stature->times($landmark->shareOfStature()),
            $this->stature->times(Landmark::SPREAD),
        );
    }

    /** Where the hands turn the rope, above the floor. */
    public function handHeight(): Length
    {
        return $this->stature->times(self::HAND_SHARE);
    }
}
