<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Path;

use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Path\Placement;
use Zumbo\Core\Path\TwoMinutes;
use Zumbo\Core\Streak\CountedReps;

/**
 * `place`: where a newcomer begins, from two minutes.
 */
final class PlaceCalculation implements Calculation
{
    /** In twenty seconds nobody does more. */
    private const MOST = 200;

    /** From so many doubles in a row on, goes at them stand in the place of tall singles. */
    private const LINKS = 5;

    public function name(): string
    {
        return 'place';
    }

    public function summary(): string
    {
        return 'where a newcomer begins, from twenty seconds of hops and of singles, tall singles and doubles';
    }

    public function fields(): array
    {
        return [
            Field::record('hops', [
                Field::whole('count', 0, self::MOST, 'hops in twenty seconds')->default(0.0),
                Field::whole('halts', 0, self::MOST, 'how often they halted')->required(),
            ], 'twenty seconds without a rope')->required(),
            Field::record('singles', [
                Field::whole('turns', 0, self::MOST, 'turns of the rope')->required(),
                Field::whole('landings', 0, 2 * self::MOST, 'landings')->required(),
                Field::whole('misses', 0, self::MOST, 'misses')->required(),
            ], 'twenty seconds with a rope')->required(),
            self::tries('tall', 'tall singles'),
            self::tries('doubles', 'doubles, landed tall'),
            Field::whole('doubles_lately', 0, CountedReps::MOST_IN_ENTRY, 'doubles in a row lately, as they say'),
            Field::whole('best', 0, CountedReps::MOST_IN_ENTRY, 'best of three goes; left out: as they say'),
            BodyFields::method(),
            Field::choice('pain', ['no', 'yes'], 'whether something hurts')->default('no'),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        [$hops, $singles] = [self::record($inputs, 'hops'), self::record($inputs, 'singles')];
        [$tall, $tallOf] = self::tried($inputs, 'tall');
        [$doubles, $doublesOf] = self::tried($inputs, 'doubles');
        $said = $inputs->has('doubles_lately') ? $inputs->whole('doubles_lately') : 0;
        $links = $said >= self::LINKS;
        $placed = Placement::of(new TwoMinutes(
            $hops->whole('halts'),
            $singles->whole('turns'),
            $singles->whole('landings'),
            $singles->whole('misses'),
            $tall,
            $tallOf,
            $doubles,
            $doublesOf,
            match (true) {
                !$links => null,
                $inputs->has('best') => $inputs->whole('best'),
                default => $said,
            },
        ), BodyFields::waysOf($inputs));
        $hurts = 'yes' === $inputs->text('pain');

        return [
            'stage' => $placed->stage->value,
            'may_be' => $placed->mayBe?->value,
            'provisional' => true,
            // Whoever hurts does nothing of it today.
            'cue' => $hurts ? null : $placed->drill->cue,
            'drill' => $hurts ? null : $placed->drill->code,
            'reasons' => VerdictAnswer::of([...$hurts ? [Verdict::of('place.pain')] : [], ...$placed->reasons]),
        ];
    }

    private static function tries(string $name, string $of): Field
    {
        return Field::record($name, [
            Field::whole('clean', 0, self::MOST, 'how many came off')->required(),
            Field::whole('of', 1, self::MOST, 'how many were tried')->default((float) TwoMinutes::TRIES),
        ], $of.'; left out: none were tried');
    }

    private static function record(Inputs $inputs, string $name): Inputs
    {
        return $inputs->record($name) ?? throw new \LogicException('no record '.$name);
    }

    /**
     * @return array{int, int} how many came off, of how many
     */
    private static function tried(Inputs $inputs, string $name): array
    {
        if (!$inputs->has($name)) {
            return [0, 0];
        }
        $one = self::record($inputs, $name);
        [$clean, $of] = [$one->whole('clean'), $one->whole('of')];

        return $clean <= $of
            ? [$clean, $of]
            : throw BadInput::of($name.'.clean', (float) $clean, \sprintf('at most %d, as many as were tried', $of));
    }
}
