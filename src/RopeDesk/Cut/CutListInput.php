<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cut;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Gear\CutList;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\Quantity;
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
        #[ReadableLength(Quantity::Stock)] public ?string $stock = null,
        #[ReadableLength(Quantity::SparePerSide)] public ?string $spare = null,
        /** Lost to a cut. */
        #[ReadableLength(Quantity::Kerf)] public ?string $kerf = null,
    ) {
    }

    public function stock(): Length
    {
        return self::read($this->stock, Quantity::Stock, CutList::USUAL_STOCK_M);
    }

    public function spare(): Length
    {
        return self::read($this->spare, Quantity::SparePerSide, RopeSizing::USUAL_SPARE_M);
    }

    public function kerf(): Length
    {
        return self::read($this->kerf, Quantity::Kerf, CutList::USUAL_KERF_M);
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

    private static function read(?string $typed, Quantity $quantity, float $usualM): Length
    {
        return null === $typed ? Length::ofMetres($usualM) : LengthParser::parse($typed, $quantity->range());
    }
}
