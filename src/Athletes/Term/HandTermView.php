<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Term;

use Zumbo\App\Entity\People\DominantHand;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * A dominant hand and what it is called.
 */
final readonly class HandTermView
{
    private function __construct(public DominantHand $code, public string $name)
    {
    }

    /**
     * @return list<self>
     */
    public static function all(): array
    {
        return array_map(
            static fn (DominantHand $one): self => new self($one, MessageCatalogue::name(Term::of($one))),
            DominantHand::cases(),
        );
    }
}
