<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size;

use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\Stance;

/**
 * How a coach wants an athlete's rope sized; all of it may be left out.
 */
final readonly class SizingInput
{
    public function __construct(
        /** Left out: the recommended one. */
        #[OneOf(School::class)] public ?string $school = null,
        /** Left out: the one each school names. */
        #[OneOf(Stance::class)] public ?string $stance = null,
        #[ReadableLength('Handle length', leastM: 0.05, mostM: 0.3)] public ?string $handle = null,
        /** A cable the coach wants to see instead of the computed one. */
        #[ReadableLength('Cable', leastM: 1.0, mostM: 5.0)] public ?string $cable = null,
    ) {
    }

    public function school(): ?School
    {
        return null === $this->school ? null : School::from($this->school);
    }

    public function stance(): ?Stance
    {
        return null === $this->stance ? null : Stance::from($this->stance);
    }

    public function handle(): Handle
    {
        return null === $this->handle
            ? Handle::usual()
            : Handle::ofLength(LengthParser::parse($this->handle, Handle::lengths()));
    }

    public function cable(): ?Length
    {
        return null === $this->cable ? null : LengthParser::parse($this->cable, RopeSizing::cables());
    }
}
