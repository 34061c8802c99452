<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Sets;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\HazardFields;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Sets\Ladder;
use Zumbo\Core\Sets\LadderFamily;
use Zumbo\Core\Sets\LadderOutlook;
use Zumbo\Core\Sets\RungOutlook;
use Zumbo\Core\Streak\Hazard;

/**
 * `ladder`: what a ladder asks: jumps, turns, chance of each rung, tries, time.
 */
final class LadderCalculation implements Calculation
{
    public function name(): string
    {
        return 'ladder';
    }

    public function summary(): string
    {
        return 'a ladder\'s rungs: jumps, chance, tries, time';
    }

    public function fields(): array
    {
        return [
            Field::choice('family', array_column(LadderFamily::cases(), 'value'), 'shape of the ladder')->required(),
            Field::whole('top', 1, Ladder::MOST_TOP, 'longest rung')->required(),
            Field::choice('kind', ['s', 'd'], 'what rises: singles or doubles')->default('d'),
            Field::whole('fixed_singles', 1, 100, 'singles before the doubles of each rung')->default(1.0),
            HazardFields::hazard('hazard_singles', 'chance of a miss of a single; left out: none'),
            HazardFields::hazard('hazard_doubles', 'chance of a miss of a double; left out: none'),
            Field::number('seconds_per_single', 0.1, 5, 'one single')->default(0.5),
            Field::number('seconds_per_double', 0.1, 5, 'one double')->default(0.6),
            Field::number('break_s', 0, 600, 'between rungs')->default(5.0),
            Field::number('miss_s', 0, 600, 'lost to a miss')->default(8.0),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $ladder = Ladder::of(
            LadderFamily::from($inputs->text('family')),
            $inputs->whole('top'),
            JumpKind::from($inputs->text('kind')),
            $inputs->whole('fixed_singles'),
        );
        $hazard = static fn (string $name): Hazard => $inputs->has($name)
            ? HazardFields::of($inputs, $name)
            : Hazard::constant(0.0);
        $outlook = LadderOutlook::of(
            $ladder,
            $hazard('hazard_singles'),
            $hazard('hazard_doubles'),
            $inputs->number('seconds_per_single'),
            $inputs->number('seconds_per_double'),
            $inputs->number('break_s'),
            $inputs->number('miss_s'),
        );

        return [
            'rungs' => self::rungs($outlook),
            'totals' => self::totals($outlook),
            'chance_all' => $outlook->chanceOfAll(),
            'expected_s' => $outlook->expectedS(),
            'expected_jumps' => $outlook->expectedJumps(),
            'expected_contacts' => $outlook->expectedContacts(),
            'in_reach' => $outlook->isInReach(),
        ];
    }

    /**
     * @return list<array<string, mixed>>
     */
    private static function rungs(LadderOutlook $outlook): array
    {
        return array_map(
            static fn (RungOutlook $rung): array => [
                'pattern' => $rung->pattern->notation(),
                'jumps' => $rung->pattern->jumps(),
                'turns' => $rung->pattern->turns(),
                'chance' => $rung->chance,
                'tries' => 1 / $rung->chance,
                'expected_s' => $rung->expectedS,
            ],
            $outlook->rungs,
        );
    }

    /**
     * @return array<string, int|float>
     */
    private static function totals(LadderOutlook $outlook): array
    {
        $sum = static fn (callable $of): int => array_sum(array_map($of, $outlook->rungs));

        return [
            'rungs' => \count($outlook->rungs),
            'jumps' => $sum(static fn (RungOutlook $rung): int => $rung->pattern->jumps()),
            'turns' => $sum(static fn (RungOutlook $rung): int => $rung->pattern->turns()),
            'contacts' => $sum(static fn (RungOutlook $rung): int => $rung->pattern->contacts()),
            'tries' => $outlook->tries(),
            'clean_s' => $outlook->cleanS(),
            'expected_jumps' => $outlook->expectedJumps(),
        ];
    }
}
