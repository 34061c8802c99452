<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Shared\CueView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Fault\Diagnosis;
use Zumbo\Core\Measure\LengthUnit;

/**
 * Ranks the faults behind what a coach noticed in an athlete.
 */
final readonly class Diagnose
{
    private const SHOWN = 5;

    public function __construct(private Athletes $athletes)
    {
    }

    public function athlete(Uuid $id, DiagnosisInput $input): DiagnosisView
    {
        $signs = $input->signs();
        $diagnosis = Diagnosis::of($signs, $this->athletes->get($id)->stage(), 'yes' === $input->ropeChecked);

        return new DiagnosisView(
            $id->toRfc4122(),
            SentenceView::of($diagnosis->advice, LengthUnit::Centimetre),
            $diagnosis->ropeFirst,
            array_map(RankedFaultView::of(...), \array_slice($diagnosis->ranked, 0, self::SHOWN)),
            CueView::of($diagnosis->ranked[0]->fault, $signs),
        );
    }
}
