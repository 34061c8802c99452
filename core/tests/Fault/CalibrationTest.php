<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Fault;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Fault\Diagnosis;
use Zumbo\Core\Fault\Fault;
use Zumbo\Core\Fault\FaultTable;
use Zumbo\Core\Fault\Observed;
use Zumbo\Core\Fault\RopeFacts;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * What is called likely is so: over simulated cases the stated chance of the first cause is how often it is the true one.
 */
final class CalibrationTest extends TestCase
{
    private const CASES = 5000;
    private const TENTHS = 10;

    public function testTheStatedChanceIsHowOftenItIsTrue(): void
    {
        $observer = new SimulatedObserver(2026, imagines: 0.02);
        $faults = FaultTable::all();
        $stages = Stage::cases();
        $bins = [];
        for ($case = 0; $case < self::CASES;) {
            $stage = $stages[$case % \count($stages)];
            $true = $observer->fault(
                $faults,
                array_map(static fn (Fault $one): float => $one->isUsualAt($stage) ? 2.0 : 1.0, $faults),
            );
            [$seen, $fine] = $observer->watch($true);
            if ([] === $seen || \in_array(Sign::Temper, $seen, true)) {
                continue;
            }
            ++$case;
            $chances = [];
            foreach (Diagnosis::of(Observed::of($seen, $fine), $stage, RopeFacts::unchecked(), Ways::usual())->ranked as $one) {
                $chances[$one->fault->code] = $one->chance;
            }
            $bin = min(self::TENTHS - 1, (int) (self::TENTHS * max($chances)));
            $before = $bins[$bin] ?? ['of' => 0, 'true' => 0, 'stated' => 0.0];
            $bins[$bin] = [
                'of' => $before['of'] + 1,
                'true' => $before['true'] + (array_search(max($chances), $chances, true) === $true->code ? 1 : 0),
                'stated' => $before['stated'] + max($chances),
            ];
        }
        $this->assertCalibrated($bins);
    }

    /**
     * @param array<int, array{of: int, true: int, stated: float}> $bins
     */
    private function assertCalibrated(array $bins): void
    {
        $error = 0.0;
        ksort($bins);
        fwrite(\STDERR, "\nStated chance of the first cause, and how often it was the true one:\n");
        foreach ($bins as ['of' => $of, 'true' => $true, 'stated' => $stated]) {
            fwrite(\STDERR, \sprintf("  %.2f  %.2f  (%d cases)\n", $stated / $of, $true / $of, $of));
            $error += abs($stated - $true) / self::CASES;
            if ($of >= 100) {
                self::assertEqualsWithDelta($stated / $of, $true / $of, 0.1, "of $of cases");
            }
        }
        self::assertLessThan(0.05, $error, 'expected calibration error');
    }
}
