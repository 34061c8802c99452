<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cut;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Gear\CutList;
use Zumbo\Core\Gear\Stock;
use Zumbo\Core\Gear\StockNotation;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Measure\UnreadableLength;
use Zumbo\Core\Rope\RopeSizing;

/**
 * Whose cables are to be cut, and from what.
 */
final readonly class CutListInput
{
    public function __construct(
        /** Ids of athletes, parted by commas; empty: whoever has no rope yet. */
        #[Assert\Length(max: 8000)] public string $athletes = '',
        /** Of coils, or of pre-cut cables: "30 m, 3.05 m x 4". */
        #[Assert\Length(max: 120)] public ?string $stock = null,
        #[ReadableLength(Quantity::SparePerSide)] public ?string $spare = null,
        /** Lost to a cut. */
        #[ReadableLength(Quantity::Kerf)] public ?string $kerf = null,
    ) {
    }

    /**
     * @return non-empty-list<Stock>
     *
     * @throws BadField when it can't be read
     */
    public function stocks(): array
    {
        try {
            return null === $this->stock ? [Stock::of(CutList::USUAL_STOCK_M)] : StockNotation::read($this->stock);
        } catch (UnreadableLength|OutOfRange $e) {
            throw BadField::of('stock', $this->stock, StockNotation::ACCEPTED, \sprintf('Stock: %s.', $e->getMessage()));
        }
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
