<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Beat;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Calc\Field\PatternText;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\Cadence;
use Zumbo\Core\Rhythm\JumperFault;
use Zumbo\Core\Rhythm\SimulatedJumper;
use Zumbo\Core\Sound\SyntheticTake;

/**
 * `synth`: makes a recording of somebody invented, and tells what is in it.
 */
final class SynthCalculation implements Calculation
{
    public function name(): string
    {
        return 'synth';
    }

    public function summary(): string
    {
        return 'a recording of an invented jumper, with its truth';
    }

    public function fields(): array
    {
        return [
            Field::text('pattern', 400, 'what they jump, over and over')->default('3s d'),
            Field::number(
                'cadence_per_min',
                Cadence::LEAST_PER_MINUTE,
                Cadence::MOST_PER_MINUTE,
                'jumps a minute',
            )->default(104),
            Field::number('seconds', 2, 60, 'how long')->default(10),
            Field::number('jitter', 0, 0.2, 'how uneven: standard deviation as a share of the beat')->default(0.02),
            Field::choice(
                'fault',
                array_map(static fn (JumperFault $fault): string => $fault->value, JumperFault::cases()),
                'what they do wrong',
            )->default('none'),
            Field::whole('seed', 0, 1_000_000_000, 'the same makes the same')->default(1),
            Field::number('noise_db', 0, 60, 'signal over noise')->default(30),
            Field::number('echo', 0, 0.7, 'how loud the first wall answers')->default(0.2),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $pattern = PatternText::read($inputs, 'pattern');
        $seed = $inputs->whole('seed');
        $take = SimulatedJumper::jump(
            $pattern,
            Rate::perMinute($inputs->number('cadence_per_min')),
            $inputs->number('seconds'),
            $inputs->number('jitter'),
            JumperFault::from($inputs->text('fault')),
            $seed,
        );
        $made = SyntheticTake::of($take, $inputs->number('noise_db'), $inputs->number('echo'), $seed);
        $bytes = '';
        foreach ($made->wav() as $piece) {
            $bytes .= $piece;
        }

        return [
            'turns_s' => $take->turnsS,
            'landings_s' => $take->landingsS,
            'passes' => $take->passes(),
            'wav' => base64_encode($bytes),
        ];
    }
}
