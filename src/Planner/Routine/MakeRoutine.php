<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Routine;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\BeatView;
use Zumbo\App\Shared\Today\JumpingIsOff;
use Zumbo\App\Shared\Today\MayJump;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Plan\Routine\Move;
use Zumbo\Core\Plan\Routine\Moves;
use Zumbo\Core\Plan\Routine\Routine;
use Zumbo\Core\Plan\Routine\RoutineMove;

/**
 * A routine of the moves that an athlete has, and the drills that lead into two turned ropes.
 */
final readonly class MakeRoutine
{
    public function __construct(private Athletes $athletes, private MayJump $mayJump)
    {
    }

    /**
     * @throws UnknownRow   when this gym has no such athlete
     * @throws JumpingIsOff when they may not jump today
     * @throws BadField     when there are too few moves
     */
    public function of(Uuid $id, RoutineInput $input): RoutineView
    {
        $athlete = $this->athletes->get($id);
        $this->mayJump->orRefuse($athlete);
        $stage = $athlete->stage();
        $taught = Moves::upTo($stage);
        $chosen = [] === $input->codes() ? $taught : array_values(array_filter(
            $taught,
            static fn (Move $move): bool => \in_array($move->code, $input->codes(), true),
        ));
        try {
            $routine = [] === $taught
                ? null
                : Routine::of($input->seconds ?? Routine::usualSeconds($stage), $input->beatsPerMin, $chosen);
        } catch (OutOfRange $e) {
            throw BadField::of('moves', (string) \count($chosen), $e->accepted);
        }

        return new RoutineView(
            $athlete->profile()->firstName(),
            array_map(static fn (Move $move): RoutineChoiceView => new RoutineChoiceView($move->code, $move->title), $taught),
            array_map(self::move(...), $routine->moves ?? []),
            array_map(BeatView::of(...), $routine?->beats() ?? []),
            $routine?->seconds() ?? 0.0,
            $input->beatsPerMin,
            array_values(array_map(
                static fn (Drill $drill): string => $drill->title,
                array_filter(DrillTable::all(), static fn (Drill $drill): bool => DrillFamily::TwoRopes === $drill->family),
            )),
        );
    }

    private static function move(RoutineMove $move): RoutineMoveView
    {
        return new RoutineMoveView($move->code, $move->title, $move->beats);
    }
}
