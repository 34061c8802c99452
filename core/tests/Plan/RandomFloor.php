<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Plan;

use Zumbo\Core\Allowance\Allowance;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Fault\FaultTable;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Method\WarmUp;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Plan\Practice\FaultAtWork;
use Zumbo\Core\Plan\Practice\Participant;
use Zumbo\Core\Plan\Practice\PracticeWish;
use Zumbo\Core\Sets\Ladder\LadderPace;
use Zumbo\Core\Sets\WorkCode;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Hazard;

/**
 * Athletes and halls as they come: any stage, method and fault, sore or not, used up or fresh, few things or many.
 */
final class RandomFloor
{
    private readonly Draws $draws;

    public function __construct(int $seed)
    {
        $this->draws = new Draws($seed);
    }

    public function wish(): PracticeWish
    {
        $equipment = [];
        foreach (Equipment::cases() as $thing) {
            if ($this->one(3) > 0) {
                $equipment[$thing->value] = $this->one(4);
            }
        }

        return PracticeWish::of(3 + $this->one(57), 0 < $this->one(4), $equipment, 0 === $this->one(4), $this->one(1000));
    }

    public function athlete(int $number): Participant
    {
        $ways = Ways::of([
            'method' => Method::cases()[$this->one(4)]->value,
            'warm-up' => WarmUp::cases()[$this->one(2)]->value,
        ]);
        $fault = FaultTable::all()[$this->one(\count(FaultTable::all()))];

        return new Participant(
            'p'.$number,
            Stage::cases()[$this->one(10)],
            $ways,
            $this->allowance(),
            $this->one(15),
            0 === $this->one(3) ? new FaultAtWork($fault->code, $fault->drillBy($ways)->code) : null,
            [WorkCode::all()[$this->one(80)], WorkCode::all()[$this->one(80)]],
            0 === $this->one(4)
                ? new LadderPace(Hazard::usualSingles(), Hazard::constant($this->draws->between(0.01, 0.4)), 0.5, 0.58, 5, 8)
                : null,
            0 < $this->one(12),
            0 === $this->one(8),
        );
    }

    /** From 0 to below. */
    public function one(int $below): int
    {
        return min($below - 1, (int) floor($this->draws->between(0, $below)));
    }

    private function allowance(): Allowance
    {
        $sore = 0 === $this->one(3) ? [BodyPart::cases()[$this->one(\count(BodyPart::cases()))]] : [];
        $why = [Verdict::of('allowance.no_jump')];

        return match ($this->one(8)) {
            0 => Allowance::nothing($sore, $why),
            1, 2 => Allowance::noJump($sore, 500, false, $why),
            default => Allowance::all($this->one(1200), 3000),
        };
    }
}
