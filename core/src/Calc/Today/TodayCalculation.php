<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Today;

use Zumbo\Core\Body\Growing;
use Zumbo\Core\Calc\Answer\RopeAnswer;
use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Today\OwnRope;
use Zumbo\Core\Today\RopeWanted;
use Zumbo\Core\Today\Today;

/**
 * `today`: the one judgement about one athlete, as every screen has it: what they may do, what their rope and cable
 * need.
 */
final class TodayCalculation implements Calculation
{
    public function name(): string
    {
        return 'today';
    }

    public function summary(): string
    {
        return 'what an athlete may do today, and what their rope needs';
    }

    public function fields(): array
    {
        return [
            BodyFields::stature()->required(),
            BodyFields::landmarks(),
            BodyFields::handle(),
            TodayFields::rope(),
            BodyFields::stage(),
            BodyFields::method(),
            BodyFields::trimSchool(),
            BodyFields::school('the school in force; left out: by stage'),
            Field::whole('age', 0, 120, 'age in years; left out: grown up'),
            TodayFields::cautions(),
            ...TodayFields::load(),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $wanted = BodyFields::wantedOf($inputs);
        $rope = TodayFields::ropeOf($inputs);
        $age = $inputs->has('age') ? $inputs->whole('age') : null;
        $today = Today::of(
            $wanted,
            $rope,
            self::growing($wanted, $rope, $age),
            TodayFields::healthOf($inputs),
            $age,
            TodayFields::dayOf($inputs),
            BodyFields::waysOf($inputs),
        );

        return [
            'rope' => RopeAnswer::of($today->rope, $wanted, TodayFields::stanceOf($inputs)),
            'cable' => [
                'fit' => $today->cable->fit->value,
                'recommended' => $today->cable->recommended->value,
                'next' => $today->cable->next?->value,
                ...null === $today->cable->next ? ['next_reason' => 'change this one first, or none is thinner'] : [],
                'reasons' => VerdictAnswer::of(array_filter([$today->cable->reason, $today->cable->nextReason])),
            ],
            'allowance' => $today->allowance->jumping->value,
            'contacts_left_today' => $today->allowance->contactsLeftToday,
            'contacts_left_week' => $today->allowance->contactsLeftWeek,
            'stop_today' => $today->allowance->stopToday,
            'instead' => array_map(static fn (Drill $drill): string => $drill->code, $today->insteadOfJumping()),
            'reasons' => VerdictAnswer::of($today->allowance->reasons),
        ];
    }

    /** Two heights are known where the rope was sized for somebody smaller. */
    private static function growing(RopeWanted $wanted, ?OwnRope $rope, ?int $age): Growing
    {
        return Growing::of($age, true === $rope?->wasSizedForSomebodySmaller($wanted->body->stature));
    }
}
