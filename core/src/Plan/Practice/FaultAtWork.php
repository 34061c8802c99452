<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

/**
 * The one fault that an athlete works on, and the drill that is given for it.
 */
final readonly class FaultAtWork
{
    /**
     * @param string      $fault its code
     * @param string|null $drill code; null: none is given for it
     */
    public function __construct(public string $fault, public ?string $drill)
    {
    }
}
