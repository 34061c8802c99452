<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Beat;

use Zumbo\Core\Calc\Answer\RhythmFields;
use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Rhythm\RhythmReport;
use Zumbo\Core\Sound\Ear;
use Zumbo\Core\Sound\WavError;
use Zumbo\Core\Sound\WavReader;

/**
 * `sound`: hears rope and feet in a recording of one jumper, and reads the rhythm of what it heard.
 */
final class SoundCalculation implements Calculation
{
    public function name(): string
    {
        return 'sound';
    }

    public function summary(): string
    {
        return 'turns and landings in a recording, and their rhythm';
    }

    public function fields(): array
    {
        return [
            Field::wav('wav', 'one jumper, phone close by, no music; at most 30 minutes')->required(),
            RhythmFields::targetField(),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $target = RhythmFields::target($inputs);
        try {
            $heard = Ear::hear(WavReader::open($inputs->bytes('wav')));
        } catch (WavError $e) {
            throw BadInput::because('wav', $e->found, $e->getMessage(), $e->accepted);
        }
        $says = VerdictAnswer::of([$heard->verdict])[0]['sentence'] ?? '';

        return [
            'seconds' => $heard->seconds,
            'turns_s' => $heard->take->turnsS,
            'landings_s' => $heard->take->landingsS,
            'confidence' => $heard->confidence,
            'heard' => $heard->verdict->code,
            'heard_says' => $says,
            ...$heard->counts
                ? RhythmFields::of($heard->take, RhythmReport::of($heard->take, $target), null !== $target)
                : ['jumps' => null, 'jumps_reason' => $says],
        ];
    }
}
