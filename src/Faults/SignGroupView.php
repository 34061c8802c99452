<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Zumbo\Core\Fault\Place;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * The signs for which one looks or listens at the same place.
 */
final readonly class SignGroupView
{
    /**
     * @param list<SignView> $signs
     */
    private function __construct(public Place $place, public string $name, public array $signs)
    {
    }

    /**
     * @return list<self> every sign once
     */
    public static function all(): array
    {
        return array_map(
            static fn (Place $place): self => new self(
                $place,
                MessageCatalogue::name(Term::of($place)),
                array_map(
                    SignView::of(...),
                    array_values(array_filter(Sign::cases(), static fn (Sign $sign): bool => $sign->place() === $place)),
                ),
            ),
            Place::cases(),
        );
    }
}
