<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Term;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Stage\Stage;

/**
 * A stage of the path and what it is called, in the order of the path.
 */
final readonly class StageTermView
{
    private function __construct(public Stage $code, public string $name)
    {
    }

    /**
     * @return list<self>
     */
    public static function all(): array
    {
        return array_map(
            static fn (Stage $one): self => new self($one, MessageCatalogue::name(Term::of($one))),
            Stage::cases(),
        );
    }
}
