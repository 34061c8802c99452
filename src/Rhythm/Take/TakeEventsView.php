<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Take;

/**
 * When rope and feet met the floor.
 */
final readonly class TakeEventsView
{
    /**
     * @param list<float> $turnsS
     * @param list<float> $landingsS
     */
    public function __construct(public array $turnsS, public array $landingsS)
    {
    }
}
