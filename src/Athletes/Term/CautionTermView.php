<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Term;

use Zumbo\Core\Body\Caution;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * A caution, what it is called, and what has to be said with it.
 */
final readonly class CautionTermView
{
    private function __construct(
        public Caution $code,
        public string $name,
        /** Asks for a place and a degree. */
        public bool $pain,
        /** Helpers note it as well. */
        public bool $warningSign,
        /** May have an end. */
        public bool $easy,
    ) {
    }

    /**
     * @return list<self>
     */
    public static function all(): array
    {
        return array_map(
            static fn (Caution $one): self => new self(
                $one,
                MessageCatalogue::name(Term::of($one)),
                $one->isPain(),
                $one->isRedFlag(),
                Caution::EasyWeeks === $one,
            ),
            Caution::cases(),
        );
    }
}
