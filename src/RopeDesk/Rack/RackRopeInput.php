<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\Handle;

/**
 * A shared rope as a coach writes it down.
 */
final readonly class RackRopeInput
{
    public function __construct(
        /** As it is written on the handle. */
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: 8)] public string $tag,
        #[ReadableLength(Quantity::Cable)] public string $cable,
        #[ReadableLength(Quantity::Handle)] public string $handle,
        #[OneOf(CableFamily::class)] public string $family,
        /** Not given out, except by a pin. */
        public bool $keptBack = false,
    ) {
    }

    public function tag(): string
    {
        return trim($this->tag);
    }

    public function cableM(): float
    {
        return LengthParser::parse($this->cable, Quantity::Cable->range())->metres();
    }

    public function handleM(): float
    {
        return LengthParser::parse($this->handle, Quantity::Handle->range())->metres();
    }

    public function family(): CableFamily
    {
        return CableFamily::from($this->family);
    }
}
