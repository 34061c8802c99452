<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Shared\CurrentCoach;

/**
 * The door before whatever offers a set, a clock, a pace or a cue.
 */
final readonly class MayJump
{
    public function __construct(private JudgeToday $judge, private CurrentCoach $coach)
    {
    }

    /**
     * @throws JumpingIsOff saying why
     */
    public function orRefuse(Athlete $athlete): Judged
    {
        $judged = $this->judge->athlete($athlete);
        if (!$judged->today->allowance->offersJumps()) {
            $view = AllowanceView::of($judged->today, $this->coach->role());
            throw JumpingIsOff::because($view->reasons[0]->sentence ?? 'No jumps today.');
        }

        return $judged;
    }
}
