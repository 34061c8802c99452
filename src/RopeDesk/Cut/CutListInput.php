<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cut;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\LengthRange;
use Zumbo\Core\Rope\RopeSizing;

/**
 * Whose cables are to be cut, and from what.
 */
final readonly class CutListInput
{
    public function __construct(
        /** Ids of athletes, parted by commas; empty: whoever has no rope yet. */
        #[Assert\Length(max: 8000)] public string $athletes = '',
        /** Of one coil, or of one pre-cut cable. */
        #[ReadableLength('Stock', leastM: 1.0, mostM: 500.0)] public string $stock = '30 m',
        #[ReadableLength('Spare per side', leastM: 0.0, mostM: 0.2)] public string $spare = '5 cm',
        /** Lost to a cut. */
        #[ReadableLength('Kerf', leastM: 0.0, mostM: 0.05)] public string $kerf = '0.2 cm',
    ) {
    }

    public function stock(): Length
    {
        return LengthParser::parse(
            $this->stock,
            LengthRange::of('Stock', Length::ofMetres(1.0), Length::ofMetres(500.0)),
        );
    }

    public function spare(): Length
    {
        return LengthParser::parse($this->spare, RopeSizing::spares());
    }

    public function kerf(): Length
    {
        return LengthParser::parse($this->kerf, LengthRange::of('Kerf', Length::zero(), Length::ofMetres(0.05)));
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
