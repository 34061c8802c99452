<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Ladder;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Rhythm\JumpRun;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Stage\Stage;

/**
 * A ladder: its rungs as patterns, each to be made unbroken; and how many times one goes through it.
 *
 * Jumps from 1 by ones: rising and falling n(n+1)/2, pyramid n², falling singles and one double n(n+1)/2 + n, s singles
 * and rising doubles ns + n(n+1)/2. Calm singles after a rung are part of it, and counted beside.
 */
final readonly class Ladder
{
    public const MOST_TOP = 100;
    public const MOST_STEP = 20;
    public const MOST_TIMES = 20;
    public const MOST_EXIT = 20;

    /**
     * @param non-empty-list<Pattern> $rungs
     */
    private function __construct(
        public array $rungs,
        /** Through all rungs. */
        public int $times,
        /** Calm singles at the end of each rung. */
        public int $exitSingles,
    ) {
    }

    /** What rises for somebody of a stage: doubles once a double has been made, singles before. */
    public static function kindAt(Stage $stage): JumpKind
    {
        return $stage->isBefore(Stage::Snap) ? JumpKind::Single : JumpKind::Double;
    }

    /**
     * What is counted when a rung is logged: its reps, or, when it mixes jumps that the stage's gate does not, only
     * whether it was clean.
     */
    public static function measuredBy(LadderFamily $family, Stage $stage): CountKind
    {
        return match ($family) {
            LadderFamily::Rising, LadderFamily::Falling, LadderFamily::Pyramid, LadderFamily::Unbroken => CountKind::Streak,
            LadderFamily::FixedSingles => $stage->isBefore(Stage::Snap) ? CountKind::Tries : CountKind::Streak,
            LadderFamily::FallingSingles => CountKind::Tries,
        };
    }

    /** What is counted of a rung: its doubles, or its singles where there are no doubles, without the exit. */
    public function reps(Pattern $rung): int
    {
        $doubles = $rung->turns() - $rung->jumps();

        return 0 === $doubles ? $rung->jumps() - $this->exitSingles : $doubles;
    }

    /**
     * @param int      $top          the longest rung
     * @param JumpKind $kind         what rises in a plain ladder
     * @param Method   $method       how doubles are taught: whether it jumps the family is asked before
     * @param int      $fixedSingles singles before the doubles of each rung, for that family
     * @param int      $start        the shortest rung
     * @param int      $step         from rung to rung; the top is climbed to in any case
     * @param int      $times        through all rungs
     * @param int      $exitSingles  calm singles that end each rung
     *
     * @throws OutOfRange when the top is not from 1 to 100, the start not from 1 to the top, the step not from 1 to 20,
     *                    the times not from 1 to 20, or the singles of the exit not from 0 to 20
     */
    public static function of(
        LadderFamily $family,
        int $top,
        JumpKind $kind = JumpKind::Double,
        int $fixedSingles = 1,
        Method $method = Method::Pattern,
        int $start = 1,
        int $step = 1,
        int $times = 1,
        int $exitSingles = 0,
    ): self {
        self::refuse('top', $top, 1, self::MOST_TOP);
        self::refuse('start', $start, 1, $top);
        self::refuse('step', $step, 1, self::MOST_STEP);
        self::refuse('times', $times, 1, self::MOST_TIMES);
        self::refuse('exit singles', $exitSingles, 0, self::MOST_EXIT);
        // Where the double is jumped as the tall single is, tall singles go before it.
        $single = Method::SameJump === $method ? JumpKind::TallSingle : JumpKind::Single;
        $exit = 0 === $exitSingles ? [] : [new JumpRun(JumpKind::Single, max(1, $exitSingles))];
        $rung = static fn (int $count): Pattern => Pattern::of([
            ...match ($family) {
                LadderFamily::FallingSingles => [new JumpRun($single, max(1, $count)), new JumpRun(JumpKind::Double, 1)],
                LadderFamily::FixedSingles => [
                    new JumpRun($single, max(1, $fixedSingles)),
                    new JumpRun(JumpKind::Double, max(1, $count)),
                ],
                default => [new JumpRun($kind, max(1, $count))],
            },
            ...$exit,
        ]);

        return new self(array_map($rung, $family->numbers($start, $step, $top)), $times, $exitSingles);
    }

    /** Without the calm singles that end the rungs. */
    public function jumps(): int
    {
        return $this->times * array_sum(array_map(static fn (Pattern $rung): int => $rung->jumps(), $this->rungs))
            - $this->exitJumps();
    }

    /** Of those jumps. */
    public function turns(): int
    {
        return $this->times * array_sum(array_map(static fn (Pattern $rung): int => $rung->turns(), $this->rungs))
            - $this->exitJumps();
    }

    /** The calm singles of all rungs. */
    public function exitJumps(): int
    {
        return $this->times * \count($this->rungs) * $this->exitSingles;
    }

    private static function refuse(string $part, int $given, int $least, int $most): void
    {
        if ($given < $least || $given > $most) {
            throw OutOfRange::of($part, (string) $given, \sprintf('from %d to %d', $least, $most));
        }
    }
}
