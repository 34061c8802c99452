<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

/**
 * How somebody gets on along the path.
 */
enum Moving: string
{
    /** A stage on within four weeks, or clearly nearer to the gate. */
    case Moves = 'moves';
    /** Has practised, and is no nearer. */
    case Stuck = 'stuck';
    /** Between the two, or too new to tell. */
    case Open = 'open';
    /** Not seen for three weeks. */
    case Away = 'away';

    private const WEEKS = 4;
    private const AWAY_DAYS = 21;
    private const STUCK_PRACTICES = 6;
    private const NEARER = 0.1;

    /**
     * @param int|null   $daysAway     since the last practice; null: none yet
     * @param int        $daysAtStage  since the first practice of this stage
     * @param int        $practices    of the stage in the last four weeks
     * @param bool       $cameOn       from an earlier stage
     * @param float|null $chance       of passing the gate now; null: no gate
     * @param float|null $chanceBefore four weeks ago; null: not known
     */
    public static function of(?int $daysAway, int $daysAtStage, int $practices, bool $cameOn, ?float $chance, ?float $chanceBefore): self
    {
        return match (true) {
            null === $daysAway => self::Open,
            $daysAway > self::AWAY_DAYS => self::Away,
            $cameOn && $daysAtStage <= 7 * self::WEEKS => self::Moves,
            null === $chance || null === $chanceBefore => self::Open,
            $chance - $chanceBefore >= self::NEARER => self::Moves,
            $daysAtStage > 7 * self::WEEKS && $practices >= self::STUCK_PRACTICES && !self::isNearly($chance) => self::Stuck,
            default => self::Open,
        };
    }

    /** Whoever nearly passes has nothing to be nearer to. */
    private static function isNearly(float $chance): bool
    {
        return $chance >= 0.75;
    }
}
