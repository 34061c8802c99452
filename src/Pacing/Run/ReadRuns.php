<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Run;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Plan\PacedRun;
use Zumbo\App\Entity\Plan\PacedRuns;
use Zumbo\Core\Pacing\Run\Calibration;
use Zumbo\Core\Pacing\Run\Forecast;
use Zumbo\Core\Pacing\Run\OwnCosts;

/**
 * What the runs so far say of the next one.
 */
final readonly class ReadRuns
{
    public function __construct(private PacedRuns $runs)
    {
    }

    /** Of the whole gym: one athlete is paced too seldom to tell. */
    public function calibration(): Calibration
    {
        $scored = array_filter($this->runs->newest(), static fn (PacedRun $run): bool => $run->isScored());

        return Calibration::of(array_values(array_map(static fn (PacedRun $run): Forecast => $run->forecast(), $scored)));
    }

    public function costs(Uuid $athlete): OwnCosts
    {
        return OwnCosts::of(array_map(static fn (PacedRun $run): array => $run->done(), $this->runs->newest($athlete)));
    }
}
