<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Shared\CueView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\MayJump;
use Zumbo\App\Shared\Today\RopeVerdictView;
use Zumbo\Core\Fault\Diagnosis;
use Zumbo\Core\Measure\LengthUnit;

/**
 * Ranks the faults behind what a coach noticed in an athlete.
 */
final readonly class Diagnose
{
    private const SHOWN = 5;

    public function __construct(private Athletes $athletes, private MayJump $mayJump, private Gyms $gyms)
    {
    }

    public function athlete(Uuid $id, DiagnosisInput $input): DiagnosisView
    {
        $signs = $input->signs();
        $judged = $this->mayJump->orRefuse($this->athletes->get($id));
        // A rope that is not right is no rope that was checked, whatever was ticked.
        $checked = 'yes' === $input->ropeChecked && $judged->today->rope->isFine();
        $diagnosis = Diagnosis::of($signs, $judged->wanted->stage, $checked, $judged->gates->ways);

        return new DiagnosisView(
            $id->toRfc4122(),
            SentenceView::of($diagnosis->advice, LengthUnit::Centimetre),
            $diagnosis->ropeFirst,
            RopeVerdictView::ofJudged($judged, $this->gyms->current()->unit()),
            array_map(RankedFaultView::of(...), \array_slice($diagnosis->ranked, 0, self::SHOWN)),
            CueView::of($diagnosis->ranked[0]->fault, $signs, $judged->gates->ways),
        );
    }
}
