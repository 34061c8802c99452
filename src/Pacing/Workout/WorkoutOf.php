<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Workout;

use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Pacing\Workout\Workout;
use Zumbo\Core\Pacing\Workout\WorkoutError;
use Zumbo\Core\Pacing\Workout\WorkoutText;

/**
 * The workout that a field of a request asks for.
 */
final class WorkoutOf
{
    /** @throws BadField naming the character that can't be read */
    public static function text(string $text): Workout
    {
        try {
            return WorkoutText::read($text);
        } catch (WorkoutError $e) {
            throw BadField::of('text', \sprintf('%s (character %d)', $e->given, $e->position), $e->accepted);
        }
    }
}
