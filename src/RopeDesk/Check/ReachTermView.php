<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Check;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * A place the handle ends may reach and what it is called.
 */
final readonly class ReachTermView
{
    private function __construct(
        #[Assert\Choice(callback: [FitInput::class, 'places'])] public string $code,
        public string $name,
    ) {
    }

    /**
     * @return list<self> from the highest down
     */
    public static function all(): array
    {
        return array_map(
            static fn (string $place): self => new self(
                $place,
                MessageCatalogue::name(Term::named(FitInput::ABOVE === $place ? 'reach' : 'landmark', $place)),
            ),
            FitInput::places(),
        );
    }
}
