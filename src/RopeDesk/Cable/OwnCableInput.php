<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cable;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Cable\WeighedPiece;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Quantity;

/**
 * A cable on a kitchen scale.
 */
final readonly class OwnCableInput
{
    public function __construct(
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: 60)] public string $name,
        /** Outside, millimetres. */
        #[Assert\Range(min: WeighedPiece::LEAST_DIAMETER_MM, max: WeighedPiece::MOST_DIAMETER_MM)] public float $diameterMm,
        /** How long the weighed piece is. */
        #[ReadableLength(Quantity::WeighedPiece)] public string $piece,
        /** What it weighs, grams. */
        #[Assert\Range(min: WeighedPiece::LEAST_GRAMS, max: WeighedPiece::MOST_GRAMS)] public float $grams,
    ) {
    }

    public function pieceM(): float
    {
        return LengthParser::parse($this->piece, Quantity::WeighedPiece->range())->metres();
    }

    /** @throws BadField when a metre of it weighs what no cable does */
    public function check(): void
    {
        try {
            WeighedPiece::of(LengthParser::parse($this->piece, Quantity::WeighedPiece->range()), $this->grams);
        } catch (OutOfRange $e) {
            throw BadField::of('grams', $this->grams, $e->accepted, $e->getMessage().'.');
        }
    }
}
