<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\School;

/**
 * A school of sizing and what it is called.
 */
final readonly class SchoolTermView
{
    private function __construct(public School $code, public string $name)
    {
    }

    /**
     * @return list<self>
     */
    public static function all(): array
    {
        return array_map(
            static fn (School $school): self => new self($school, MessageCatalogue::name(Term::of($school))),
            School::cases(),
        );
    }
}
