<?php

declare(strict_types=1);

namespace Zumbo\Core\Measure;

/**
 * What people give a length of, with the lengths that are accepted for it: here and nowhere else. Forms, exchanged
 * files, the command line and the values of the core all ask here.
 *
 * A range is wide enough for whoever may come (our assumption) and narrow enough to catch a wrong unit.
 */
enum Quantity
{
    /** From the smallest child who skips to the tallest adult, with room. */
    case Stature;
    /** A height on the standing body; of one body also: at least 0.3 of its stature, at most all of it. */
    case Landmark;
    /** Between the handles, for one jumper. */
    case Cable;
    case Handle;
    /** Left folded at each end until the length is settled. */
    case SparePerSide;
    /** Common practice: one to three centimetres, never more at once. */
    case StepPerSide;
    /** Between the hands of two who turn a pair of ropes for a third. */
    case TurnersApart;
    /** Of a cable, laid on a kitchen scale. */
    case WeighedPiece;
    /** One coil, or one cable of a fixed length. */
    case Stock;
    /** Lost to one cut. */
    case Kerf;
    /** Of a hall, above its floor. */
    case Ceiling;
    /** A side of a hall, or of its mat. */
    case HallSide;

    public function range(): LengthRange
    {
        [$name, $leastM, $mostM] = match ($this) {
            self::Stature => ['Height', 0.90, 2.30],
            self::Landmark => ['Landmark', 0.30, 2.30],
            self::Cable => ['Cable', 1.0, 5.0],
            self::Handle => ['Handle length', 0.05, 0.30],
            self::SparePerSide => ['Spare per side', 0.0, 0.20],
            self::StepPerSide => ['Step per side', 0.01, 0.03],
            self::TurnersApart => ['Turners apart', 1.5, 6.0],
            self::WeighedPiece => ['Piece', 0.10, 20.0],
            self::Stock => ['Stock', 1.0, 500.0],
            self::Kerf => ['Kerf', 0.0, 0.05],
            self::Ceiling => ['Ceiling', 2.0, 20.0],
            self::HallSide => ['Side of the hall', 2.0, 60.0],
        };

        return LengthRange::of($name, Length::ofMetres($leastM), Length::ofMetres($mostM));
    }

    /** @throws OutOfRange when the length is not accepted for this */
    public function check(Length $length): Length
    {
        return $this->range()->check($length);
    }

    public function leastM(): float
    {
        return $this->range()->least->metres();
    }

    public function mostM(): float
    {
        return $this->range()->most->metres();
    }
}
