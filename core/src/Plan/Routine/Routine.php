<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Routine;

use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\Beat;
use Zumbo\Core\Rhythm\Footwork;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternTiming;
use Zumbo\Core\Stage\Stage;

/**
 * A freestyle routine: an opening pose, moves that are mastered, easy ones around the hardest, a closing pose; as many beats as
 * the time holds.
 *
 * 30 s with three to five moves, 45 to 60 s with more once doubles hold, backward and crossed moves as the level allows; nothing
 * inverted (common practice, no published source). Eight beats a move as counting goes; poses of four.
 */
final readonly class Routine
{
    public const LEAST_S = 30;
    public const MOST_S = 60;
    public const USUAL_S = 30;
    public const ADVANCED_S = 45;
    public const LEAST_BEAT = 60;
    public const MOST_BEAT = 180;
    public const LEAST_MOVES = 3;
    private const A_MOVE = 8;
    private const A_POSE = 4;

    /**
     * @param non-empty-list<RoutineMove> $moves
     */
    private function __construct(public array $moves, public int $beatsPerMinute)
    {
    }

    /** How long it is by default at a stage. */
    public static function usualSeconds(Stage $stage): int
    {
        return $stage->isBefore(Stage::Hold) ? self::USUAL_S : self::ADVANCED_S;
    }

    /**
     * @param list<Move> $mastered the easier ones first
     *
     * @throws OutOfRange when the time, the beat or the number of moves is out of range
     */
    public static function of(int $seconds, int $beatsPerMinute, array $mastered): self
    {
        self::refuse('seconds', $seconds, self::LEAST_S, self::MOST_S);
        self::refuse('beats per minute', $beatsPerMinute, self::LEAST_BEAT, self::MOST_BEAT);
        if (\count($mastered) < self::LEAST_MOVES) {
            throw OutOfRange::of('moves', (string) \count($mastered), 'at least '.self::LEAST_MOVES);
        }
        $beats = intdiv($seconds * $beatsPerMinute, 60) - 2 * self::A_POSE;
        $places = max(self::LEAST_MOVES, intdiv($beats, self::A_MOVE));
        $chosen = self::spread($mastered, min($places, \count($mastered)));
        $moves = [new RoutineMove('poses', DrillTable::named('poses')->title, MoveKind::Pose, self::A_POSE)];
        foreach (self::ordered($chosen) as $i => $move) {
            $moves[] = new RoutineMove($move->code, $move->title, $move->kind, self::beatsOf($i, \count($chosen), $beats));
        }
        $moves[] = new RoutineMove('poses', DrillTable::named('poses')->title, MoveKind::Pose, self::A_POSE);

        return new self($moves, $beatsPerMinute);
    }

    public function seconds(): float
    {
        return (60 * array_sum(array_map(static fn (RoutineMove $move): int => $move->beats, $this->moves))) / $this->beatsPerMinute;
    }

    /**
     * All of it in time, to be drawn and played: a pose is a rest, everything else a jump to each beat.
     *
     * @return list<Beat>
     */
    public function beats(): array
    {
        $at = 0.0;
        $beats = [];
        foreach ($this->moves as $move) {
            $long = (60 * $move->beats) / $this->beatsPerMinute;
            $pose = [new Beat(null, 0.0, [], $long)];
            foreach (MoveKind::Pose === $move->kind ? $pose : self::jumps($move, $this->beatsPerMinute) as $beat) {
                $beats[] = $beat->later($at);
            }
            $at += $long;
        }

        return $beats;
    }

    /**
     * @return list<Beat>
     */
    private static function jumps(RoutineMove $move, int $beatsPerMinute): array
    {
        $steps = array_unique(array_map(
            static fn (Beat $beat): ?Footwork => $beat->footwork,
            PatternTiming::of(DrillTable::named($move->code)->pattern, Rate::perMinute((float) $beatsPerMinute)),
        ), \SORT_REGULAR);
        $footwork = array_values(array_filter($steps, static fn (?Footwork $one): bool => null !== $one))[0] ?? null;
        $notation = \sprintf('%ds%s', $move->beats, null === $footwork ? '' : ':'.$footwork->value);

        return PatternTiming::of(Pattern::parse($notation), Rate::perMinute((float) $beatsPerMinute));
    }

    /**
     * Of each kind one before a second of any.
     *
     * @param list<Move> $mastered
     *
     * @return list<Move>
     */
    private static function spread(array $mastered, int $count): array
    {
        $turn = $rank = [];
        foreach ($mastered as $i => $move) {
            $turn[$move->kind->value] = ($turn[$move->kind->value] ?? 0) + 1;
            $rank[$i] = [$turn[$move->kind->value], $i];
        }
        asort($rank);
        $kept = \array_slice(array_keys($rank), 0, $count);
        sort($kept);

        return array_map(static fn (int $i): Move => $mastered[$i], $kept);
    }

    /**
     * From easy to hard and back to easy: the odd ones going up, the even ones coming down.
     *
     * @param list<Move> $chosen
     *
     * @return list<Move>
     */
    private static function ordered(array $chosen): array
    {
        $up = $down = [];
        foreach ($chosen as $i => $move) {
            if (0 === $i % 2) {
                $up[] = $move;
            } else {
                $down[] = $move;
            }
        }

        return [...$up, ...array_reverse($down)];
    }

    /** All beats are shared out, in twos as the count of a song goes; the last move takes what is left. */
    private static function beatsOf(int $i, int $count, int $beats): int
    {
        $each = 2 * intdiv(intdiv($beats, $count), 2);

        return $i < $count - 1 ? $each : $beats - $each * ($count - 1);
    }

    private static function refuse(string $what, int $given, int $least, int $most): void
    {
        if ($given < $least || $given > $most) {
            throw OutOfRange::of($what, (string) $given, \sprintf('from %d to %d', $least, $most));
        }
    }
}
