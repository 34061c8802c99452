<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\RopeSizing;

/**
 * A shared rope as a coach writes it down.
 */
final readonly class RackRopeInput
{
    public function __construct(
        /** As it is written on the handle. */
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: 8)] public string $tag,
        #[ReadableLength('Cable', leastM: 1.0, mostM: 5.0)] public string $cable,
        #[ReadableLength('Handle length', leastM: 0.05, mostM: 0.3)] public string $handle,
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
        return LengthParser::parse($this->cable, RopeSizing::cables())->metres();
    }

    public function handleM(): float
    {
        return LengthParser::parse($this->handle, Handle::lengths())->metres();
    }

    public function family(): CableFamily
    {
        return CableFamily::from($this->family);
    }
}
