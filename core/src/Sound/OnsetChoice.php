<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * Tells the jumper's own onsets from what else began: they are of about one strength, and the loudest around.
 */
final readonly class OnsetChoice
{
    /** Onsets within so many seconds are compared. */
    private const AROUND_S = 6.0;
    private const CANDIDATE = 0.25;
    /** Nothing else began. */
    private const CLEAR = 10.0;
    /** About the limit: up to so many times more, or less. */
    private const ABOUT = 1.4;

    /**
     * @param list<Onset> $chosen
     * @param float       $margin how far the weaker of the chosen stand above the stronger of the others; from 0, 1 is
     *                            no difference
     * @param float       $doubt  how many lie about the limit, to either side, beside those chosen
     */
    private function __construct(public array $chosen, public float $margin, public float $doubt)
    {
    }

    /**
     * @param list<Onset> $onsets in time
     * @param float       $share  of the usual strength that is still the jumper
     */
    public static function of(array $onsets, float $share): self
    {
        $chosen = $kept = $left = $over = [];
        $from = 0;
        $to = 0;
        $count = \count($onsets);
        foreach ($onsets as $onset) {
            while ($onsets[$from]->atS < $onset->atS - self::AROUND_S) {
                ++$from;
            }
            while ($to < $count && $onsets[$to]->atS <= $onset->atS + self::AROUND_S) {
                ++$to;
            }
            $usual = self::usual(\array_slice($onsets, $from, $to - $from));
            if ($onset->strength >= $share * $usual) {
                $chosen[] = $onset;
                $kept[] = $onset->strength / $usual;
                $over[] = $onset->over;
            } else {
                $left[] = $onset->strength / $usual;
            }
        }

        $doubtful = \count(
            array_filter(
                [...$kept, ...$left],
                static fn (float $strength): bool => $strength > $share / self::ABOUT
                    && $strength < $share * self::ABOUT,
            ),
        );

        return new self(
            $chosen,
            min(self::margin($kept, $left), self::weaker($over)),
            $doubtful / max(1, \count($chosen)),
        );
    }

    /**
     * @param list<Onset> $around
     */
    private static function usual(array $around): float
    {
        $strengths = array_map(static fn (Onset $onset): float => $onset->strength, $around);
        rsort($strengths);
        // The one loudest may be a door.
        $loud = $strengths[1] ?? $strengths[0];
        $own = array_values(
            array_filter($strengths, static fn (float $strength): bool => $strength >= self::CANDIDATE * $loud),
        );

        return $own[intdiv(\count($own), 3)];
    }

    /**
     * @param list<float> $kept
     * @param list<float> $left
     */
    private static function margin(array $kept, array $left): float
    {
        if ([] === $kept) {
            return 0.0;
        }
        if ([] === $left) {
            return self::CLEAR;
        }
        sort($left);

        return min(self::CLEAR, self::weaker($kept) / $left[(int) (0.9 * (\count($left) - 1))]);
    }

    /**
     * @param list<float> $values
     */
    private static function weaker(array $values): float
    {
        sort($values);

        return $values[(int) (0.1 * \count($values))] ?? 0.0;
    }
}
