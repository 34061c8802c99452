<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthRange;
use Zumbo\Core\Measure\OutOfRange;

/**
 * Where the two handle tips turn, seen from the front: how far out from the middle of the body, and how high.
 */
final readonly class Hands
{
    public const LEAST_OUT_M = 0.05;
    public const MOST_OUT_M = 1.2;
    public const LEAST_HEIGHT_M = 0.2;
    public const MOST_HEIGHT_M = 2.8;

    private function __construct(
        public Length $leftOut,
        public Length $leftHeight,
        public Length $rightOut,
        public Length $rightHeight,
    ) {
    }

    /** Both as high, as far out: the usual place. */
    public static function level(Length $span, Length $height): self
    {
        return new self($span->times(0.5), $height, $span->times(0.5), $height);
    }

    /**
     * @throws OutOfRange when a hand is closer than 5 cm or further out than 120 cm, lower than 20 cm or higher than
     *                    280 cm
     */
    public static function at(Length $leftOut, Length $leftHeight, Length $rightOut, Length $rightHeight): self
    {
        return new self(
            self::outs()->check($leftOut),
            self::heights()->check($leftHeight),
            self::outs()->check($rightOut),
            self::heights()->check($rightHeight),
        );
    }

    /** Each hand so much further out. */
    public function wider(Length $eachHand): self
    {
        return new self(
            $this->leftOut->plus($eachHand),
            $this->leftHeight,
            $this->rightOut->plus($eachHand),
            $this->rightHeight,
        );
    }

    public static function outs(): LengthRange
    {
        return LengthRange::of('Hand out', Length::ofMetres(self::LEAST_OUT_M), Length::ofMetres(self::MOST_OUT_M));
    }

    public static function heights(): LengthRange
    {
        return LengthRange::of(
            'Hand height',
            Length::ofMetres(self::LEAST_HEIGHT_M),
            Length::ofMetres(self::MOST_HEIGHT_M),
        );
    }

    /** From tip to tip, through the air. */
    public function span(): Length
    {
        return Length::ofMetres(hypot($this->across(), $this->rightHeight->metres() - $this->leftHeight->metres()));
    }

    /** Angle of the axis above the level, radians; above 0 when the right hand is the higher one. */
    public function tilt(): float
    {
        return atan2($this->rightHeight->metres() - $this->leftHeight->metres(), $this->across());
    }

    public function middleHeight(): Length
    {
        return $this->leftHeight->plus($this->rightHeight)->times(0.5);
    }

    /** Of the axis, to the right of the body's middle. */
    public function middleOut(): Length
    {
        return $this->rightOut->minus($this->leftOut)->times(0.5);
    }

    /** How much higher one hand is than the other. */
    public function uneven(): Length
    {
        return Length::ofMetres(abs($this->rightHeight->metres() - $this->leftHeight->metres()));
    }

    private function across(): float
    {
        return $this->leftOut->plus($this->rightOut)->metres();
    }
}
