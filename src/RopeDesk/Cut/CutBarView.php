<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cut;

/**
 * One coil or cable of the stock, and what is cut from it in turn.
 */
final readonly class CutBarView
{
    /**
     * @param list<CutPieceView> $pieces
     */
    public function __construct(public array $pieces, public float $stockM, public float $offcutM)
    {
    }
}
