<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Path;

use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Fault\Action;
use Zumbo\Core\Fault\CueAdvice;
use Zumbo\Core\Fault\CueHistory;
use Zumbo\Core\Fault\Diagnosis;
use Zumbo\Core\Fault\Evidence;
use Zumbo\Core\Fault\FaultPrice;
use Zumbo\Core\Fault\RankedFault;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * `fault`: what to do about what was noticed: stop, change the load, change the rope, or one cue; or the one question.
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
        return 'the first cause behind what is seen, heard or felt, one cue, or one question';
    }

    public function fields(): array
    {
        return FaultFields::all();
    }

    public function calculate(Inputs $inputs): array
    {
        $halt = Action::ofHealth(FaultFields::healthOf($inputs));
        $stop = FaultFields::dayOf($inputs)->stop();
        if (null !== $halt) {
            return self::stopped($halt, FaultFields::healthOf($inputs)->reasons);
        }
        if (null !== $stop) {
            return self::stopped(Action::StopToday, [$stop]);
        }
        $ways = FaultFields::waysOf($inputs);
        $history = FaultFields::historyOf($inputs);
        $diagnosis = self::diagnosis($inputs, $ways, $history);
        if ($diagnosis->action->isStop()) {
            return self::stopped($diagnosis->action, [$diagnosis->advice]);
        }

        return [
            'action' => $diagnosis->action->value,
            'first_check' => $diagnosis->check?->value,
            'causes' => array_map(self::row(...), \array_slice($diagnosis->ranked, 0, self::SHOWN)),
            ...self::cue($diagnosis, FaultFields::observedOf($inputs)->seen, $ways, $history),
            'price' => VerdictAnswer::of(array_filter([
                $inputs->has('cable_length_m') ? FaultPrice::of($diagnosis->leader(), $inputs->length('cable_length_m')) : null,
            ])),
            'unsure' => null !== $diagnosis->ask,
            'ask' => null === $diagnosis->ask ? null : [
                'sign' => $diagnosis->ask->sign->value,
                'question' => VerdictAnswer::of([$diagnosis->ask->verdict])[0]['sentence'] ?? '',
                'information_bits' => $diagnosis->ask->information,
            ],
            'advice' => VerdictAnswer::of(array_filter([$diagnosis->advice, $diagnosis->checkVerdict()])),
        ];
    }

    private static function diagnosis(Inputs $inputs, Ways $ways, CueHistory $history): Diagnosis
    {
        $observed = FaultFields::observedOf($inputs);
        $rope = FaultFields::ropeOf($inputs);
        $exertion = FaultFields::exertionOf($inputs);
        if ([] === $observed->seen && !$rope->areWrong() && true !== $exertion->tired) {
            throw BadInput::missing('signs', 'at least one sign, unless pain, tiredness or the rope decides');
        }

        return Diagnosis::of($observed, Stage::from($inputs->text('stage')), $rope, $ways, $exertion, $history);
    }

    /**
     * No cue, no drill: who clears it is all there is to say.
     *
     * @param list<Verdict> $reasons
     *
     * @return array<string, mixed>
     */
    private static function stopped(Action $action, array $reasons): array
    {
        $why = VerdictAnswer::of($reasons);

        return [
            'action' => $action->value,
            'first_check' => null,
            'causes' => [],
            'cue' => null,
            'cue_reason' => 'nobody is coached on how to jump who may not jump',
            'drill' => null,
            'drill_reason' => 'nothing is practised against a fault until it is cleared',
            'step_back' => null,
            'step_back_reason' => 'jumping is off',
            'price' => [],
            'unsure' => false,
            'ask' => null,
            'advice' => $why,
        ];
    }

    /**
     * A cue, its drill and the way back, where there is a cue to give.
     *
     * @param list<Sign> $seen
     *
     * @return array<string, mixed>
     */
    private static function cue(Diagnosis $diagnosis, array $seen, Ways $ways, CueHistory $history): array
    {
        $fault = $diagnosis->leader();
        $advice = CueAdvice::of($fault, $seen, $ways, $history);
        $why = match (true) {
            Action::ChangeRope === $diagnosis->action => 'the rope first',
            Action::ChangeLoad === $diagnosis->action => 'the load first',
            null !== $diagnosis->ask => 'first the question',
            '' === $advice->cue => 'every cue for it brought nothing: step back',
            default => null,
        };
        $back = $fault->stepBackBy($ways);

        return [
            'cue' => null === $why ? $advice->cue : null,
            ...null === $why ? [] : ['cue_reason' => $why],
            'drill' => null !== $diagnosis->ask ? null : $advice->drill->title,
            ...null === $diagnosis->ask ? [] : ['drill_reason' => 'first the question'],
            'step_back' => $back?->value,
            ...null === $back ? ['step_back_reason' => $fault->why] : [],
            'learned' => VerdictAnswer::of(array_filter([null === $why ? $advice->learned : null])),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function row(RankedFault $ranked): array
    {
        return [
            'fault' => $ranked->fault->code,
            'chance' => $ranked->chance,
            'why' => $ranked->fault->why,
            'evidence' => array_map(
                static fn (Evidence $evidence): array => [
                    'sign' => $evidence->sign->value,
                    'comes_with_it' => $evidence->likelihood->value,
                    'reason' => $evidence->reason,
                ],
                $ranked->evidence,
            ),
        ];
    }
}
