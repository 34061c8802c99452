<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Ladder;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\MissRule;

/**
 * A ladder as a coach builds it.
 */
final readonly class LadderInput
{
    /** Beyond that it is no ladder any more. */
    private const MOST_TOP = 60;

    public function __construct(
        #[OneOf(LadderFamily::class)] public string $family = 'rising',
        /** The longest rung. */
        #[Assert\Range(min: 1, max: self::MOST_TOP)] public int $top = 10,
        /** Singles before the doubles of each rung, for that family. */
        #[Assert\Range(min: 1, max: 10)] public int $fixedSingles = 3,
        /** The shortest rung. */
        #[Assert\Range(min: 1, max: self::MOST_TOP)] public int $start = 1,
        #[Assert\Range(min: 1, max: Ladder::MOST_STEP)] public int $step = 1,
        /** Through all rungs. */
        #[Assert\Range(min: 1, max: Ladder::MOST_TIMES)] public int $times = 1,
        /** Calm singles that end each rung. */
        #[Assert\Range(min: 0, max: Ladder::MOST_EXIT)] public int $exitSingles = 0,
        #[OneOf(MissRule::class)] public string $missRule = 'repeat',
    ) {
    }

    public function ladder(LadderFamily $family, JumpKind $kind, Method $method, ?int $top = null): Ladder
    {
        try {
            return Ladder::of(
                $family,
                $top ?? $this->top,
                $kind,
                $this->fixedSingles,
                $method,
                min($this->start, $top ?? $this->start),
                $this->step,
                $this->times,
                $this->exitSingles,
            );
        } catch (OutOfRange $e) {
            throw BadField::of('start', (string) $this->start, $e->accepted);
        }
    }
}
