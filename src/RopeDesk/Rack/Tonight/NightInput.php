<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack\Tonight;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\RopeDesk\Rack\PinInput;

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
