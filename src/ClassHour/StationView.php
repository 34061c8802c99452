<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Stage\Phase;

/**
 * A part of the hall, from the door inward: learning, towards the first doubles, linked doubles.
 */
final readonly class StationView
{
    private function __construct(public Phase $phase, public string $name)
    {
    }

    /**
     * @return list<self> in the order of the path
     */
    public static function all(): array
    {
        return array_map(
            static fn (Phase $phase): self => new self($phase, MessageCatalogue::name(Term::of($phase)->as('station'))),
            Phase::cases(),
        );
    }
}
