<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cut;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\Quantity;

/**
 * Whose cables are to be cut, and from what.
 */
final readonly class CutListInput
{
    public function __construct(
        /** Ids of athletes, parted by commas; empty: whoever has no rope yet. */
        #[Assert\Length(max: 8000)] public string $athletes = '',
        /** Of one coil, or of one pre-cut cable. */
        #[ReadableLength(Quantity::Stock)] public string $stock = '30 m',
        #[ReadableLength(Quantity::SparePerSide)] public string $spare = '5 cm',
        /** Lost to a cut. */
        #[ReadableLength(Quantity::Kerf)] public string $kerf = '0.2 cm',
    ) {
    }

    public function stock(): Length
    {
        return LengthParser::parse($this->stock, Quantity::Stock->range());
    }

    public function spare(): Length
    {
        return LengthParser::parse($this->spare, Quantity::SparePerSide->range());
    }

    public function kerf(): Length
    {
        return LengthParser::parse($this->kerf, Quantity::Kerf->range());
    }

    /**
     * @return list<string>
     */
    public function ids(): array
    {
        return array_values(
            array_unique(
                array_filter(
                    array_map(trim(...), explode(',', $this->athletes)),
                    static fn (string $id): bool => '' !== $id,
                ),
            ),
        );
    }
}
