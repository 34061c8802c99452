<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\Core\Measure\LengthUnit;

/**
 * The one judgement about an athlete: what they may do today, what their rope and cable need.
 */
final readonly class JudgementView
{
    private function __construct(
        public string $athleteId,
        public AllowanceView $allowance,
        public RopeVerdictView $rope,
        public CableVerdictView $cable,
    ) {
    }

    public static function of(Judged $judged, Role $reader, LengthUnit $unit): self
    {
        return new self(
            $judged->athlete->id()->toRfc4122(),
            AllowanceView::of($judged->today, $reader),
            RopeVerdictView::ofJudged($judged, $unit),
            CableVerdictView::of($judged->today->cable),
        );
    }
}
