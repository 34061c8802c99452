<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Field;

use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternError;

/**
 * A field that holds a pattern in its notation.
 */
final class PatternText
{
    /** @throws BadInput naming the place that can't be read */
    public static function read(Inputs $inputs, string $field): Pattern
    {
        try {
            return Pattern::parse($inputs->text($field));
        } catch (PatternError $e) {
            throw BadInput::because($field, $inputs->text($field), $e->getMessage(), $e->accepted);
        }
    }
}
