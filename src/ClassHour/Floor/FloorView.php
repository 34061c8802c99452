<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Floor;

use Zumbo\App\Shared\SentenceView;

/**
 * The plan of the hall to scale.
 */
final readonly class FloorView
{
    /**
     * @param list<SpotView> $spots in the order of the hall
     */
    public function __construct(
        /** Who has room, who has none. */
        public SentenceView $title,
        public float $widthM,
        public float $depthM,
        /** The hall's size was not told: a usual one is drawn. */
        public bool $sizeGuessed,
        /** Null: no mat, one jumps on the floor. */
        public ?float $matWidthM,
        public ?float $matDepthM,
        public ?float $ceilingM,
        public array $spots,
        /** So many circles as tonight's have room, were there more people. */
        public int $roomFor,
        /** The revision this was read at, for the change feed. */
        public int $revision,
    ) {
    }
}
