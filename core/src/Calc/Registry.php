<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc;

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
        return [new RopeCalculation(), new ArcCalculation(), new ArcLengthCalculation(), new FitCalculation(), new CableCalculation(), new TrimCalculation(), new AssignCalculation(), new CutCalculation(), new PatternCalculation(), new RhythmCalculation(), new SoundCalculation(), new SynthCalculation(), new JumpCalculation(), new FramesCalculation(), new StreakCalculation(), new GateCalculation(), new SurvivalCalculation(), new WeibullCalculation(), new LadderCalculation(), new IntervalCalculation(), new PaceCalculation(), new ScaleCalculation(), new FaultCalculation()];
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
            if ($e instanceof \LogicException && !$e instanceof \DomainException && !$e instanceof \InvalidArgumentException) {
                throw $e;
            }
            throw BadInput::because('input', $name, $e->getMessage(), 'values that fit each other');
        }
    }
}
