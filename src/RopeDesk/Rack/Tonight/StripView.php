<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack\Tonight;

use Zumbo\App\Shared\SentenceView;

/**
 * The strip beside the rack, with the rule, the handles and the day it was made by.
 */
final readonly class StripView
{
    /**
     * @param list<HeightBandView> $bands without a gap, the lowest first
     */
    public function __construct(public array $bands, public SentenceView $rule, public string $day)
    {
    }
}
