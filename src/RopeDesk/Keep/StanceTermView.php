<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\Stance;

/**
 * A way to stand on the rope and what it is called.
 */
final readonly class StanceTermView
{
    private function __construct(public Stance $code, public string $name)
    {
    }

    /**
     * @return list<self> the usual one first
     */
    public static function all(): array
    {
        return array_map(
            static fn (Stance $stance): self => new self($stance, MessageCatalogue::name(Term::of($stance))),
            [Stance::TwoFeet, Stance::OneFoot, Stance::Pinned],
        );
    }
}
