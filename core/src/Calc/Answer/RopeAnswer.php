<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Answer;

use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Today\RopeNeeds;
use Zumbo\Core\Today\RopeWanted;

/**
 * The verdict about a rope as it leaves a computation.
 */
final class RopeAnswer
{
    /**
     * @return array<string, mixed>
     */
    public static function of(RopeNeeds $needs, RopeWanted $wanted, ?Stance $stance): array
    {
        // Without handles the goal stays open, though what is off may be known.
        $goal = null === $wanted->handle ? null : $needs->goal;
        $open = $wanted->unhandled($stance);

        return [
            'state' => $needs->state->value,
            'school' => $wanted->inForce->school->value,
            'goal_m' => $goal?->cable->metres() ?? $open->cable?->metres(),
            ...null === $goal && null === $open->cable ? ['goal_reason' => 'needs the handles'] : [],
            'goal_overall_m' => $goal?->overall->metres() ?? $open->overall?->metres(),
            ...null === $goal && null === $open->overall ? ['goal_overall_reason' => 'needs the handles'] : [],
            'off_by_m' => $needs->offBy?->metres(),
            ...null === $needs->offBy ? ['off_by_reason' => 'needs a rope, and the handles'] : [],
            'next' => [
                'action' => $needs->next->action->value,
                ...null === $needs->next->perSide ? [] : ['per_side_m' => $needs->next->perSide->metres()],
            ],
            'steps_to_go' => \count($needs->path->steps ?? []),
            'may_cut' => $needs->mayCut,
            'reasons' => VerdictAnswer::of([...$needs->reasons, $needs->tails]),
        ];
    }
}
