<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Shown;

use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * A place where it may hurt, or a warning sign, and what it is called.
 */
final readonly class CardTermView
{
    private function __construct(public string $code, public string $name)
    {
    }

    /**
     * @return list<self>
     */
    public static function places(): array
    {
        return array_map(self::of(...), BodyPart::cases());
    }

    /**
     * @return list<self>
     */
    public static function signs(): array
    {
        return array_map(
            self::of(...),
            array_values(array_filter(
                Caution::cases(),
                static fn (Caution $one): bool => $one->isRedFlag() && Caution::RedFlag !== $one,
            )),
        );
    }

    private static function of(BodyPart|Caution $one): self
    {
        return new self($one->value, MessageCatalogue::name(Term::of($one)));
    }
}
