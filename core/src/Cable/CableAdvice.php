<?php

declare(strict_types=1);

namespace Zumbo\Core\Cable;

use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\TurningRope;
use Zumbo\Core\Stage\Stage;

/**
 * The cable to use at a stage: heavy enough to feel while learning, lighter with skill (common practice, no published
 * source; the pull it names is computed).
 */
final readonly class CableAdvice
{
    /**
     * @param list<Verdict> $reasons
     */
    private function __construct(public CableFamily $family, public float $pullN, public array $reasons)
    {
    }

    public static function forStage(Stage $stage, TurningRope $rope): self
    {
        $family = CableNeeds::recommended($stage->phase());
        $turns = Rate::perMinute(HandlePull::LEARNING_TURNS_PER_MINUTE);
        $pull = HandlePull::newtons($rope, $family->linearDensity(), $turns);
        $reasons = [
            Verdict::of('cable.'.$stage->phase()->value, ['family' => Term::of($family)]),
            Verdict::of('cable.pull', ['pull_n' => $pull, 'turns_per_min' => $turns->countPerMinute()]),
        ];
        if (!$family->suitsBeginners()) {
            $reasons[] = Verdict::of('cable.whips');
        }

        return new self($family, $pull, $reasons);
    }
}
