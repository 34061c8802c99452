<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc;

use Zumbo\Core\Calc\Beat\FramesCalculation;
use Zumbo\Core\Calc\Beat\JumpCalculation;
use Zumbo\Core\Calc\Beat\PatternCalculation;
use Zumbo\Core\Calc\Beat\RhythmCalculation;
use Zumbo\Core\Calc\Beat\SoundCalculation;
use Zumbo\Core\Calc\Beat\SynthCalculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\FieldReader;
use Zumbo\Core\Calc\Path\FaultCalculation;
use Zumbo\Core\Calc\Path\GateCalculation;
use Zumbo\Core\Calc\Path\PlaceCalculation;
use Zumbo\Core\Calc\Path\StreakCalculation;
use Zumbo\Core\Calc\Path\SurvivalCalculation;
use Zumbo\Core\Calc\Path\WeibullCalculation;
use Zumbo\Core\Calc\Plan\LoadCalculation;
use Zumbo\Core\Calc\Plan\PlanCalculation;
use Zumbo\Core\Calc\Plan\RoutineCalculation;
use Zumbo\Core\Calc\Plan\SessionCalculation;
use Zumbo\Core\Calc\Rope\ArcCalculation;
use Zumbo\Core\Calc\Rope\ArcLengthCalculation;
use Zumbo\Core\Calc\Rope\AssignCalculation;
use Zumbo\Core\Calc\Rope\CableCalculation;
use Zumbo\Core\Calc\Rope\CutCalculation;
use Zumbo\Core\Calc\Rope\FitCalculation;
use Zumbo\Core\Calc\Rope\RopeCalculation;
use Zumbo\Core\Calc\Rope\TrimCalculation;
use Zumbo\Core\Calc\Sets\DeckCalculation;
use Zumbo\Core\Calc\Sets\FitLadderCalculation;
use Zumbo\Core\Calc\Sets\HallCalculation;
use Zumbo\Core\Calc\Sets\IntervalCalculation;
use Zumbo\Core\Calc\Sets\LadderCalculation;
use Zumbo\Core\Calc\Sets\PaceCalculation;
use Zumbo\Core\Calc\Sets\ScaleCalculation;
use Zumbo\Core\Calc\Sets\WorkoutCalculation;
use Zumbo\Core\Calc\Today\TodayCalculation;
use Zumbo\Core\Measure\CoreException;

/**
 * All computations by name.
 */
final class Registry
{
    /**
     * @return list<Calculation>
     */
    public static function all(): array
    {
        return [
            new RopeCalculation(),
            new ArcCalculation(),
            new ArcLengthCalculation(),
            new FitCalculation(),
            new CableCalculation(),
            new TrimCalculation(),
            new TodayCalculation(),
            new AssignCalculation(),
            new CutCalculation(),
            new PatternCalculation(),
            new RhythmCalculation(),
            new SoundCalculation(),
            new SynthCalculation(),
            new JumpCalculation(),
            new FramesCalculation(),
            new StreakCalculation(),
            new GateCalculation(),
            new PlaceCalculation(),
            new SurvivalCalculation(),
            new WeibullCalculation(),
            new LadderCalculation(),
            new FitLadderCalculation(),
            new DeckCalculation(),
            new HallCalculation(),
            new IntervalCalculation(),
            new PaceCalculation(),
            new ScaleCalculation(),
            new WorkoutCalculation(),
            new FaultCalculation(),
            new SessionCalculation(),
            new PlanCalculation(),
            new LoadCalculation(),
            new RoutineCalculation(),
        ];
    }

    /** @throws BadInput when there is none of that name */
    public static function named(string $name): Calculation
    {
        foreach (self::all() as $calculation) {
            if ($calculation->name() === $name) {
                return $calculation;
            }
        }
        $names = array_map(static fn (Calculation $calculation): string => $calculation->name(), self::all());

        throw BadInput::of('calculation', $name, 'one of '.implode(', ', $names));
    }

    /**
     * @param array<int|string, mixed> $raw
     *
     * @return array<string, mixed>
     *
     * @throws BadInput naming the field, or `input` when several fields contradict each other
     */
    public static function run(string $name, array $raw): array
    {
        $calculation = self::named($name);
        $inputs = FieldReader::read($calculation->fields(), $raw);
        try {
            return $calculation->calculate($inputs);
        } catch (BadInput $e) {
            throw $e;
        } catch (CoreException $e) {
            if (
                $e instanceof \LogicException
                && !($e instanceof \DomainException)
                && !($e instanceof \InvalidArgumentException)
            ) {
                throw $e;
            }
            throw BadInput::because('input', $name, $e->getMessage(), 'values that fit each other');
        }
    }
}
