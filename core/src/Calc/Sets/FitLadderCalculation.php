<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Sets;

use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Sets\Ladder\FittedLadder;
use Zumbo\Core\Sets\Ladder\LadderAim;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\LadderFit;
use Zumbo\Core\Sets\Ladder\LadderWish;
use Zumbo\Core\Sets\Ladder\MissRule;

/**
 * `fit-ladder`: the ladder that suits somebody, for so many minutes or contacts and an aim.
 */
final class FitLadderCalculation implements Calculation
{
    public function name(): string
    {
        return 'fit-ladder';
    }

    public function summary(): string
    {
        return 'the ladder that fits somebody\'s chances, minutes, contacts and aim';
    }

    public function fields(): array
    {
        return [
            ...LadderFields::shape(),
            Field::choice('aim', array_column(LadderAim::cases(), 'value'), 'what it is for')->default(LadderAim::Practise->value),
            Field::number('minutes', 0.1, 120, 'time there is'),
            Field::whole('contacts', 1, 5000, 'contacts there are'),
            ...LadderFields::pace(),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $fit = LadderFit::of(
            LadderWish::of(
                LadderFamily::from($inputs->text('family')),
                LadderAim::from($inputs->text('aim')),
                JumpKind::from($inputs->text('kind')),
                rule: MissRule::from($inputs->text('miss_rule')),
                fixedSingles: $inputs->whole('fixed_singles'),
                exitSingles: $inputs->whole('exit_singles'),
                minutes: $inputs->has('minutes') ? $inputs->number('minutes') : null,
                contacts: $inputs->has('contacts') ? $inputs->whole('contacts') : null,
            ),
            LadderFields::paceOf($inputs),
        );

        return [
            'best' => null === $fit->best ? null : self::fitted($fit->best),
            ...null === $fit->best ? ['best_reason' => 'not even the first rung is in reach, or nothing fits the time or contacts'] : [],
            'alternatives' => array_map(self::fitted(...), $fit->alternatives),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function fitted(FittedLadder $one): array
    {
        return [
            'start' => $one->start,
            'step' => $one->step,
            'top' => $one->top,
            'repeats' => $one->times,
            'chance_top' => $one->chanceOfTop,
            'chance_all' => $one->outlook->chanceOfAll(),
            'expected_s' => $one->outlook->expectedS(),
            'expected_contacts' => $one->outlook->expectedContacts(),
            'why' => null === $one->why ? null : VerdictAnswer::of([$one->why])[0]['sentence'],
        ];
    }
}
