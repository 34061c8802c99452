<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size;

use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\Handle;
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
        #[ReadableLength(Quantity::Handle)] public ?string $handle = null,
        /** A cable the coach wants to see instead of the computed one. */
        #[ReadableLength(Quantity::Cable)] public ?string $cable = null,
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

    /** Null: as it is known of the athlete. */
    public function handle(): ?Handle
    {
        return null === $this->handle
            ? null
            : Handle::ofLength(LengthParser::parse($this->handle, Quantity::Handle->range()));
    }

    public function cable(): ?Length
    {
        return null === $this->cable ? null : LengthParser::parse($this->cable, Quantity::Cable->range());
    }
}
