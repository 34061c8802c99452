<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Term;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Stage\Experience;

/**
 * What a newcomer comes with and what it is called.
 */
final readonly class ExperienceTermView
{
    private function __construct(public Experience $code, public string $name)
    {
    }

    /**
     * @return list<self>
     */
    public static function all(): array
    {
        return array_map(
            static fn (Experience $one): self => new self($one, MessageCatalogue::name(Term::of($one))),
            Experience::cases(),
        );
    }
}
