<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cut;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Cable\CableFamily;

/**
 * What is cut from which coil; each family of cable comes from coils of its own.
 */
final readonly class CutListView
{
    /**
     * @param list<CutBarView> $bars
     */
    public function __construct(
        public CableFamily $family,
        public string $familyName,
        public array $bars,
        public float $wasteM,
        /** No way with fewer exists. */
        public bool $proven,
        public SentenceView $verdict,
    ) {
    }
}
