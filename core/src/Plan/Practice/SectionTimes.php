<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Measure\OutOfRange;

/**
 * How the time of a practice is shared out, to the second.
 *
 * A warm-up of 5 to 8 minutes where there is time (common practice, no published source), never under 1:30 in a class (60 s
 * alone); the rest of the shares is our assumption.
 */
final readonly class SectionTimes
{
    public const LEAST_S = 180;
    public const SHORT_CLASS_S = 900;
    private const CLASS_WARM_UP_S = 90;
    private const OWN_WARM_UP_S = 60;
    private const MOST_WARM_UP_S = 480;
    private const USUAL_WARM_UP_S = 300;
    private const USUAL_FROM_S = 1500;

    /** From so long on there is a focus beside the main set, and from so long a finish. */
    private const FOCUS_FROM_S = 480;
    private const FINISH_FROM_S = 900;

    private const LEAST_MAIN_S = 60;

    /**
     * @param array<string, int> $seconds by Slot, in order; only parts that there are
     */
    private function __construct(public array $seconds)
    {
    }

    /** @throws OutOfRange when the parts that a coach set leave no minute for the main set */
    public static function of(PracticeWish $wish): self
    {
        $parts = array_replace(self::usualOf($wish), $wish->seconds);
        $left = $wish->totalS - array_sum($parts);
        if (!isset($wish->seconds[Slot::Main->value])) {
            $parts[Slot::Main->value] += $left;
        } else {
            $parts = self::spread($parts, $left, array_keys($wish->seconds));
        }
        $main = $parts[Slot::Main->value];
        if ($main < self::LEAST_MAIN_S || [] !== array_filter($parts, static fn (int $seconds): bool => $seconds < 0)) {
            throw OutOfRange::of(
                'seconds',
                (string) array_sum($wish->seconds),
                \sprintf('parts that leave %d s of the %d for the main set', self::LEAST_MAIN_S, $wish->totalS),
            );
        }
        $ordered = [];
        foreach (Slot::cases() as $slot) {
            if (($parts[$slot->value] ?? 0) > 0) {
                $ordered[$slot->value] = $parts[$slot->value];
            }
        }

        return new self($ordered);
    }

    /**
     * As it is proposed before a coach sets anything.
     *
     * @return array<string, int> seconds by Slot
     */
    public static function usualOf(PracticeWish $wish): array
    {
        return self::usual($wish->totalS, $wish->ofAClass);
    }

    /** What a warm-up may not go below. */
    public static function leastWarmUp(bool $ofAClass): int
    {
        return $ofAClass ? self::CLASS_WARM_UP_S : self::OWN_WARM_UP_S;
    }

    /**
     * @return array<string, int>
     */
    private static function usual(int $total, bool $ofAClass): array
    {
        $warmUp = max(self::leastWarmUp($ofAClass), self::inHalfMinutes($total / 5));
        if ($total >= self::USUAL_FROM_S) {
            $warmUp = max(self::USUAL_WARM_UP_S, $warmUp);
        }
        $warmUp = min(self::MOST_WARM_UP_S, $warmUp);
        $coolDown = match (true) {
            $total < self::FOCUS_FROM_S => 0,
            $total < self::FINISH_FROM_S => 60,
            default => 120,
        };
        $rest = $total - $warmUp - $coolDown;
        $focus = $total < self::FOCUS_FROM_S ? 0 : self::inHalfMinutes(0.3 * $rest);
        $finish = $total < self::FINISH_FROM_S ? 0 : self::inHalfMinutes(0.2 * $rest);

        return [
            Slot::WarmUp->value => $warmUp,
            Slot::Focus->value => $focus,
            Slot::Main->value => $rest - $focus - $finish,
            Slot::Finish->value => $finish,
            Slot::CoolDown->value => $coolDown,
        ];
    }

    /**
     * What is left over goes to the parts that nobody set, as they are long; none is: to the cool-down.
     *
     * @param array<string, int> $parts
     * @param list<string>       $set
     *
     * @return array<string, int>
     */
    private static function spread(array $parts, int $left, array $set): array
    {
        $free = array_diff_key(array_filter($parts, static fn (int $seconds): bool => $seconds > 0), array_flip($set));
        $all = max(1, array_sum($free));
        $given = 0;
        foreach ($free as $slot => $seconds) {
            $share = (int) floor(($left * $seconds) / $all);
            $parts[$slot] += $share;
            $given += $share;
        }
        $parts[[] === $free ? Slot::CoolDown->value : array_key_last($free)] += $left - $given;

        return $parts;
    }

    private static function inHalfMinutes(float $seconds): int
    {
        return 30 * (int) round($seconds / 30);
    }
}
