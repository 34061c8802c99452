<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Who takes which shared rope tonight.
 */
final readonly class NightInput
{
    /**
     * @param list<PinInput> $pairs
     */
    public function __construct(#[Assert\Valid] #[Assert\Count(max: 200)] public array $pairs)
    {
    }
}
