<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Beat;

use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Jump\FrameCount;
use Zumbo\Core\Jump\FrameError;

/**
 * `frames`: a double read off a slow-motion clip, each number with what a frame more or less makes of it.
 */
final class FramesCalculation implements Calculation
{
    private const MOST_FRAME = 10_000_000;

    public function name(): string
    {
        return 'frames';
    }

    public function summary(): string
    {
        return 'flight, height and turning rate of a double from four frame numbers';
    }

    public function fields(): array
    {
        return [
            Field::number('frames_per_s', 1, 10_000, 'of the camera, not of the player')->required(),
            Field::whole('takeoff', 0, self::MOST_FRAME, 'first frame in the air')->required(),
            Field::whole('pass_1', 0, self::MOST_FRAME, 'the rope under the feet')->required(),
            Field::whole('pass_2', 0, self::MOST_FRAME, 'and again')->required(),
            Field::whole('landing', 0, self::MOST_FRAME, 'first frame on the floor')->required(),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        try {
            $count = FrameCount::of(
                $inputs->number('frames_per_s'),
                $inputs->whole('takeoff'),
                $inputs->whole('pass_1'),
                $inputs->whole('pass_2'),
                $inputs->whole('landing'),
            );
        } catch (FrameError $e) {
            throw BadInput::because($e->field, $e->given, $e->getMessage(), $e->accepted);
        }

        return [
            'flight_s' => $count->flight->seconds,
            'flight_s_error' => $count->flightErrorS,
            'jump_m' => $count->flight->heightM,
            'jump_m_error' => $count->heightErrorM,
            'jump_m_worst' => $count->heightWorstM,
            'turns_per_min' => $count->turnsPerMinute,
            'turns_per_min_error' => $count->turnsError,
            'turns_per_min_worst' => $count->turnsWorst,
            'first_pass_after_s' => $count->firstPassAfterS,
            'last_pass_before_s' => $count->lastPassBeforeS,
            'window_s' => $count->windowS,
            'verdict' => $count->verdict->code,
            'says' => VerdictAnswer::of([$count->verdict])[0]['sentence'] ?? '',
        ];
    }
}
