<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\TurnedRope;

/**
 * Two people for one rope, and a third for the ropes they turn.
 */
final readonly class SharedRopesInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $one,
        #[Assert\Uuid(versions: [7])] public string $other,
        /** Who jumps in the ropes that the two turn; left out: nobody. */
        #[Assert\Uuid(versions: [7])] public ?string $jumper = null,
        /** Between the turners' hands. */
        #[ReadableLength(Quantity::TurnersApart)] public ?string $apart = null,
    ) {
    }

    public function apart(): Length
    {
        return null === $this->apart
            ? Length::ofMetres(TurnedRope::USUAL_APART_M)
            : LengthParser::parse($this->apart, Quantity::TurnersApart->range());
    }
}
