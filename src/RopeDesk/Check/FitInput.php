<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Check;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\Stance;

/**
 * A rope that is there: where its handle ends reach, or how long its cable is.
 */
final readonly class FitInput
{
    public const ABOVE = 'above';

    public function __construct(
        /** A landmark, or `above`: past the shoulder. */
        #[Assert\Choice(callback: [self::class, 'places'])] public ?string $reaches = null,
        #[ReadableLength(Quantity::Cable)] public ?string $cable = null,
        /** Left out: nobody said, and then there is no verdict. */
        #[OneOf(Stance::class)] public ?string $stance = null,
        #[ReadableLength(Quantity::Handle)] public ?string $handle = null,
    ) {
    }

    /**
     * @return list<string>
     */
    public static function places(): array
    {
        return [self::ABOVE, ...array_column(Landmark::cases(), 'value')];
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
