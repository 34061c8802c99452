<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\Quantity;

/**
 * A step of a trim path, down or back up.
 */
final readonly class TrimInput
{
    public function __construct(
        /** The rope as it is. */
        #[Assert\Uuid(versions: [7])] public string $ropeId,
        /** How long its cable is from now on. */
        #[ReadableLength(Quantity::Cable)] public string $cable,
    ) {
    }

    public function cable(): Length
    {
        return LengthParser::parse($this->cable, Quantity::Cable->range());
    }
}
