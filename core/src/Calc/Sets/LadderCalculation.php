<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Sets;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\MissRule;
use Zumbo\Core\Sets\Ladder\RungOutlook;

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
            ...LadderFields::shape(),
            Field::whole('top', 1, Ladder::MOST_TOP, 'longest rung')->required(),
            Field::whole('start', 1, Ladder::MOST_TOP, 'shortest rung')->default(1.0),
            Field::whole('step', 1, Ladder::MOST_STEP, 'from rung to rung')->default(1.0),
            Field::whole('repeats', 1, Ladder::MOST_TIMES, 'times through all rungs')->default(1.0),
            ...LadderFields::pace(),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $ladder = Ladder::of(
            LadderFamily::from($inputs->text('family')),
            $inputs->whole('top'),
            JumpKind::from($inputs->text('kind')),
            $inputs->whole('fixed_singles'),
            start: $inputs->whole('start'),
            step: $inputs->whole('step'),
            times: $inputs->whole('repeats'),
            exitSingles: $inputs->whole('exit_singles'),
        );
        $outlook = LadderFields::paceOf($inputs)->outlook($ladder, MissRule::from($inputs->text('miss_rule')));

        return [
            'rungs' => array_map(self::rung(...), $outlook->rungs),
            'totals' => [
                'rungs' => \count($outlook->rungs) * $ladder->times,
                'jumps' => $ladder->jumps(),
                'turns' => $ladder->turns(),
                'exit_jumps' => $ladder->exitJumps(),
                'contacts' => $ladder->jumps() + $ladder->exitJumps(),
                ...self::finite('tries', $outlook->goes()),
                ...self::finite('misses', $outlook->expectedMisses()),
                'clean_s' => $outlook->cleanS(),
                ...self::finite('expected_jumps', $outlook->expectedJumps()),
            ],
            'chance_all' => $outlook->chanceOfAll(),
            ...self::finite('expected_s', $outlook->expectedS()),
            ...self::finite('expected_jumps', $outlook->expectedJumps()),
            ...self::finite('expected_contacts', $outlook->expectedContacts()),
            'in_reach' => $outlook->isInReach(),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function rung(RungOutlook $rung): array
    {
        return [
            'pattern' => $rung->pattern->notation(),
            'jumps' => $rung->pattern->jumps(),
            'turns' => $rung->pattern->turns(),
            'chance' => $rung->chance,
            ...self::finite('tries', $rung->tries()),
            ...self::finite('goes', $rung->goes),
            ...self::finite('expected_s', $rung->expectedS()),
        ];
    }

    /**
     * @return array<string, float|string|null>
     */
    private static function finite(string $name, float $value): array
    {
        return is_finite($value) ? [$name => $value] : [$name => null, $name.'_reason' => 'a rung can never be made'];
    }
}
