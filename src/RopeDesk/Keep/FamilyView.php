<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * A family of cable and what people call it.
 */
final readonly class FamilyView
{
    private function __construct(public CableFamily $code, public string $name)
    {
    }

    /**
     * @return list<self>
     */
    public static function all(): array
    {
        return array_map(
            static fn (CableFamily $family): self => new self($family, MessageCatalogue::name(Term::of($family))),
            CableFamily::cases(),
        );
    }
}
