<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * Something that began: when, how much louder it became, and how far that is over the least that counts there.
 */
final readonly class Onset
{
    public function __construct(public float $atS, public float $strength, /** From 1. */ public float $over)
    {
    }
}
