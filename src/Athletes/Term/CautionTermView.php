<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Term;

use Zumbo\Core\Body\Caution;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * A caution and what it is called.
 */
final readonly class CautionTermView
{
    private function __construct(public Caution $code, public string $name)
    {
    }

    /**
     * @return list<self>
     */
    public static function all(): array
    {
        return array_map(
            static fn (Caution $one): self => new self($one, MessageCatalogue::name(Term::of($one))),
            Caution::cases(),
        );
    }
}
