<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Rhythm\JumpRun;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Stage\Stage;

/**
 * A ladder: its rungs as patterns, each to be made unbroken before the next.
 *
 * Jumps: rising n(n+1)/2, pyramid n², falling singles and one double n(n+1)/2 + n, s singles and rising doubles
 * ns + n(n+1)/2.
 */
final readonly class Ladder
{
    public const MOST_TOP = 100;

    /**
     * @param non-empty-list<Pattern> $rungs
     */
    private function __construct(public array $rungs)
    {
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
            LadderFamily::Rising, LadderFamily::Pyramid => CountKind::Streak,
            LadderFamily::FixedSingles => $stage->isBefore(Stage::Snap) ? CountKind::Tries : CountKind::Streak,
            LadderFamily::FallingSingles => CountKind::Tries,
        };
    }

    /** What is counted of a rung: its doubles, or its singles where there are no doubles. */
    public static function reps(Pattern $rung): int
    {
        $doubles = $rung->turns() - $rung->jumps();

        return 0 === $doubles ? $rung->jumps() : $doubles;
    }

    /**
     * @param int      $top          the longest rung
     * @param JumpKind $kind         what rises in a plain ladder
     * @param Method   $method       how doubles are taught: whether it jumps the family is asked before
     * @param int      $fixedSingles singles before the doubles of each rung, for that family
     *
     * @throws OutOfRange when the top is not from 1 to 100
     */
    public static function of(
        LadderFamily $family,
        int $top,
        JumpKind $kind = JumpKind::Double,
        int $fixedSingles = 1,
        Method $method = Method::Pattern,
    ): self {
        if ($top < 1 || $top > self::MOST_TOP) {
            throw OutOfRange::of('top', (string) $top, 'from 1 to '.self::MOST_TOP);
        }
        // Where the double is jumped as the tall single is, tall singles go before it.
        $single = Method::SameJump === $method ? JumpKind::TallSingle : JumpKind::Single;
        $rising = range(1, $top);
        $run = static fn (int $count): Pattern => Pattern::of([new JumpRun($kind, max(1, $count))]);

        return new self(
            match ($family) {
                LadderFamily::Rising => array_map($run, $rising),
                LadderFamily::Pyramid => array_map($run, [...$rising, ...\array_slice(array_reverse($rising), 1)]),
                LadderFamily::FallingSingles => array_map(
                    static fn (int $count): Pattern => Pattern::of([
                        new JumpRun($single, max(1, $count)),
                        new JumpRun(JumpKind::Double, 1),
                    ]),
                    array_reverse($rising),
                ),
                LadderFamily::FixedSingles => array_map(
                    static fn (int $count): Pattern => Pattern::of([
                        new JumpRun($single, max(1, $fixedSingles)),
                        new JumpRun(JumpKind::Double, max(1, $count)),
                    ]),
                    $rising,
                ),
            },
        );
    }
}
