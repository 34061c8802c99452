<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Numeric;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Registry;
use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Numeric\TooMuchWork;
use Zumbo\Core\Pacing\RoundPlan;
use Zumbo\Core\Streak\Hazard;

final class EffortTest extends TestCase
{
    public function testItLastsAsLongAsItDoes(): void
    {
        $effort = new Effort(10);
        $effort->spend(6);
        $effort->spend(4);
        $this->expectException(TooMuchWork::class);
        $this->expectExceptionMessage('over 10 steps of computing: ask for less at once');
        $effort->spend(1);
    }

    /** Many rounds share one effort: each alone would be allowed. */
    public function testRoundsShareTheirEffort(): void
    {
        $round = static fn (Effort $effort): RoundPlan => RoundPlan::of(
            60,
            1.8,
            Hazard::weibull(20, 1.2),
            10,
            4,
            $effort,
        );
        $most = 300_000;
        $round(new Effort($most));
        $shared = new Effort($most);
        $this->expectException(TooMuchWork::class);
        for ($i = 0; $i < 20; ++$i) {
            $round($shared);
        }
    }

    /** Costs without a common step, and a miss nine times in ten: the chances of every loss would fill the memory. */
    public function testWhatWouldFillTheMemoryIsRefusedInWords(): void
    {
        $this->expectException(BadInput::class);
        $this->expectExceptionMessage('over 3,000,000 numbers of computing: ask for less at once');
        Registry::run('pace', [
            'reps' => 200,
            'reps_per_s' => 1.8,
            'hazard' => ['kind' => 'list', 'q' => [0.91, 0.9]],
            'miss_cost_s' => 599.999,
            'break_cost_s' => 4.003,
        ]);
    }
}
