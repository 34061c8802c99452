<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Term;

use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * A place where it may hurt, and what it is called.
 */
final readonly class BodyPartTermView
{
    private function __construct(public BodyPart $code, public string $name)
    {
    }

    /**
     * @return list<self>
     */
    public static function all(): array
    {
        return array_map(
            static fn (BodyPart $one): self => new self($one, MessageCatalogue::name(Term::of($one))),
            BodyPart::cases(),
        );
    }
}
