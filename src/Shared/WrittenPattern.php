<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternError;

/**
 * A pattern somebody wrote into a field (docs/notation.md).
 */
final class WrittenPattern
{
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
