<?php

declare(strict_types=1);

namespace Zumbo\Core\Cable;

use Zumbo\Core\Measure\Verdict;

/**
 * Behind each number of a cable: the rule it comes from, with the rule's own numbers, and how sure that is.
 */
final class CableSources
{
    public static function density(): Verdict
    {
        return Verdict::of('why.density');
    }

    public static function feel(): Verdict
    {
        return Verdict::of('why.feel', [
            'turns_per_min' => HandlePull::LEARNING_TURNS_PER_MINUTE,
            'steps' => \count(Feel::cases()),
            'cord_mm' => (int) round(1000 * CableFamily::ThickCord->diameter()),
        ]);
    }

    public static function effort(): Verdict
    {
        return Verdict::of('why.effort', ['steps' => \count(Effort::cases())]);
    }

    public static function pull(): Verdict
    {
        return Verdict::of('why.pull', ['percent' => (int) round(100 * HandlePull::ACCURACY)]);
    }

    public static function power(): Verdict
    {
        return Verdict::of('why.power', [
            'turns_per_min' => CableCharacter::DOUBLES_TURNS_PER_MINUTE,
            'jumps_per_min' => CableCharacter::DOUBLES_TURNS_PER_MINUTE / 2,
            'coefficient' => CableFeel::USUAL_DRAG_COEFFICIENT,
            'percent' => (int) round(100 * CableFeel::POWER_ACCURACY),
        ]);
    }

    public static function circle(): Verdict
    {
        return Verdict::of('why.circle');
    }
}
