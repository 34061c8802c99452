<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Path;

use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Fault\Diagnosis;
use Zumbo\Core\Fault\Evidence;
use Zumbo\Core\Fault\FaultsBySchool;
use Zumbo\Core\Fault\RankedFault;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Method\Arms;
use Zumbo\Core\Method\JumpHeight;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * `fault`: the likeliest faults behind the signs that were noticed, one cue, one drill, where to step back.
 */
final class FaultCalculation implements Calculation
{
    private const SHOWN = 5;

    public function name(): string
    {
        return 'fault';
    }

    public function summary(): string
    {
        return 'the likeliest faults behind what is seen, heard or felt';
    }

    public function fields(): array
    {
        return [
            Field::choices('signs', array_column(Sign::cases(), 'value'), 'what was noticed')->required(),
            BodyFields::stage(),
            BodyFields::method(),
            Field::choice('arms', array_column(Arms::cases(), 'value'), 'how they are taught')->default('bent'),
            Field::choice('height', array_column(JumpHeight::cases(), 'value'), 'of a double, on purpose')->default('lowest'),
            Field::choice(
                'rope_checked',
                ['yes', 'no'],
                'since its last change, and the athlete has not grown',
            )->default('no'),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $signs = array_map(Sign::from(...), $inputs->texts('signs'));
        if ([] === $signs) {
            throw BadInput::missing('signs', 'at least one sign');
        }
        $ways = Ways::of([
            'method' => $inputs->text('method'),
            'arms' => $inputs->text('arms'),
            'height' => $inputs->text('height'),
        ]);
        $diagnosis = Diagnosis::of(
            $signs,
            Stage::from($inputs->text('stage')),
            'yes' === $inputs->text('rope_checked'),
            $ways,
        );
        $first = $diagnosis->ranked[0]->fault;

        return [
            'ranked' => array_map(self::row(...), \array_slice($diagnosis->ranked, 0, self::SHOWN)),
            'rope_first' => $diagnosis->ropeFirst,
            'cue' => FaultsBySchool::cue($first, $ways),
            'drill' => $first->drillBy($ways)->title,
            'step_back' => $first->stepBackBy($ways)?->value,
            ...null === $first->stepBack ? ['step_back_reason' => $first->why] : [],
            'advice' => VerdictAnswer::of([$diagnosis->advice]),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function row(RankedFault $ranked): array
    {
        return [
            'fault' => $ranked->fault->code,
            'share' => $ranked->share,
            'why' => $ranked->fault->why,
            'signs' => array_map(
                static fn (Evidence $evidence): array => [
                    'sign' => $evidence->sign->value,
                    'weight' => $evidence->weight->value,
                    'reason' => $evidence->reason,
                ],
                $ranked->evidence,
            ),
        ];
    }
}
