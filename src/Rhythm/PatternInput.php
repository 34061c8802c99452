<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternError;

/**
 * A pattern as it is written, and how fast.
 */
final readonly class PatternInput
{
    public function __construct(
        #[Assert\NotBlank]
        #[Assert\Length(max: 400)]
        public string $notation,
        /** Jumps a minute. */
        #[Assert\Range(min: 40, max: 220)]
        public float $cadence = 100,
    ) {
    }

    /** @throws BadField naming the place that can't be read */
    public static function read(string $field, string $notation): Pattern
    {
        try {
            return Pattern::parse($notation);
        } catch (PatternError $e) {
            throw BadField::of($field, $notation, $e->accepted, \sprintf('Pattern %s.', $e->getMessage()));
        }
    }
}
