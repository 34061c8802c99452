<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice\Asked;

use Zumbo\App\Entity\Plan\PlannedWish;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Plan\Practice\Slot;
use Zumbo\Core\Plan\Practice\SlotPool;

/**
 * What is asked of a practice after one change of the coach.
 */
final class ChangeWish
{
    private const SLOTS = [Slot::Focus, Slot::Main, Slot::Finish];

    /** @throws BadField when what is pinned is nothing, or its part chooses nothing */
    public static function of(PlannedWish $wish, PracticeChangeInput $input): PlannedWish
    {
        [$pins, $kept, $refused, $seed] = [$wish->pins, $wish->kept, $wish->refused, $wish->seed];
        if (null !== $input->pin) {
            $pins = self::pinned($pins, $input->pin);
        }
        foreach ($input->another->athletes ?? [] as $athlete) {
            $part = self::chosen('another.part', $input->another->part ?? Slot::Focus)->value;
            $refused[$athlete][$part] = array_values(array_unique([
                ...$refused[$athlete][$part] ?? [],
                ...isset($kept[$athlete][$part]) ? [$kept[$athlete][$part]] : [],
            ]));
            unset($kept[$athlete][$part], $pins[$athlete][$part]);
        }
        if ($input->anew) {
            // What was there is not there again; the main set goes by turn.
            $refused = array_map(
                static fn (array $of): array => array_map(
                    static fn (string $code): array => [$code],
                    array_intersect_key($of, [Slot::Focus->value => 0, Slot::Finish->value => 0]),
                ),
                $kept,
            );
            [$kept, $seed] = [[], $seed + 1];
        }

        return new PlannedWish(
            $input->minutes ?? $wish->minutes,
            $input->hardFloor ?? $wish->hardFloor,
            $seed,
            null === $input->equipment ? $wish->equipment : EquipmentInput::counts($input->equipment),
            null === $input->parts ? $wish->seconds : PartSecondsInput::bySlot($input->parts),
            $pins,
            $kept,
            $refused,
            [],
            array_values(array_unique([...$wish->habits, ...null === $input->habit ? [] : [$input->habit->value]])),
        );
    }

    /**
     * @param array<string, array<string, string>> $pins
     *
     * @return array<string, array<string, string>>
     */
    private static function pinned(array $pins, PlanPinInput $pin): array
    {
        $part = self::chosen('pin.part', $pin->part)->value;
        if (null !== $pin->code && !DrillTable::has($pin->code) && SlotPool::ladderCode() !== $pin->code) {
            throw BadField::of('pin.code', $pin->code, 'the code of a drill');
        }
        foreach ($pin->athletes as $athlete) {
            if (null === $pin->code) {
                unset($pins[$athlete][$part]);
            } else {
                $pins[$athlete][$part] = $pin->code;
            }
        }

        return $pins;
    }

    private static function chosen(string $field, Slot $slot): Slot
    {
        return \in_array($slot, self::SLOTS, true)
            ? $slot
            : throw BadField::of($field, $slot->value, 'focus, main or finish');
    }
}
