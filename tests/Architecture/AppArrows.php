<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * Who may know whom in the application; checked by phpat when PHPStan runs. AppArrowsTest sees to it that no rule is
 * vacuous and that every slice stands in the list.
 */
final class AppArrows
{
    public const SLICES = ['Athletes', 'Ropes', 'Rack', 'Cables', 'Cutting', 'Rhythm', 'Recordings', 'Sensor', 'ClassHour', 'Pacing', 'Sets', 'Faults', 'Exchange', 'CalcHttp'];

    public function testRecordKnowsNoSlice(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Zumbo\App\Record'))
            ->shouldNot()->dependOn()
            ->classes(...self::slices(), ...[Selector::inNamespace('Zumbo\App\Demo')])
            ->because('rows are told by slices, never the other way');
    }

    public function testPlatformKnowsNoSlice(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Zumbo\App\Platform'))
            ->shouldNot()->dependOn()
            ->classes(...self::slices(), ...[Selector::inNamespace('Zumbo\App\Demo')])
            ->because('every slice stands on the platform');
    }

    public function testAthletesKnowNoOtherSlice(): Rule
    {
        return self::alone('Athletes');
    }

    public function testRopesKnowNoOtherSlice(): Rule
    {
        return self::alone('Ropes');
    }

    public function testRackKnowsNoOtherSlice(): Rule
    {
        return self::alone('Rack');
    }

    public function testCablesKnowNoOtherSlice(): Rule
    {
        return self::alone('Cables');
    }

    public function testCuttingKnowsNoOtherSlice(): Rule
    {
        return self::alone('Cutting');
    }

    public function testRecordingsKnowsNoOtherSlice(): Rule
    {
        return self::alone('Recordings');
    }

    public function testSensorKnowsNoOtherSlice(): Rule
    {
        return self::alone('Sensor');
    }

    public function testRhythmKnowsNoOtherSlice(): Rule
    {
        return self::alone('Rhythm');
    }

    public function testClassHourKnowsNoOtherSlice(): Rule
    {
        return self::alone('ClassHour');
    }

    public function testPacingKnowsNoOtherSlice(): Rule
    {
        return self::alone('Pacing');
    }

    public function testSetsKnowNoOtherSlice(): Rule
    {
        return self::alone('Sets');
    }

    public function testFaultsKnowNoOtherSlice(): Rule
    {
        return self::alone('Faults');
    }

    public function testExchangeKnowsNoOtherSlice(): Rule
    {
        return self::alone('Exchange');
    }

    public function testCalcHttpKnowsNoOtherSlice(): Rule
    {
        return self::alone('CalcHttp');
    }

    public function testOnlyPlatformAndRecordTouchTheDatabase(): Rule
    {
        return PHPat::rule()
            ->classes(...self::slices())
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Doctrine'))
            ->because('the gym scope has one door: Platform\Gym\GymDatabase');
    }

    private static function alone(string $slice): Rule
    {
        $others = array_values(array_diff(self::SLICES, [$slice]));

        return PHPat::rule()
            ->classes(Selector::inNamespace('Zumbo\App\\'.$slice))
            ->shouldNot()->dependOn()
            ->classes(...array_map(static fn (string $other): SelectorInterface => Selector::inNamespace('Zumbo\App\\'.$other), $others))
            ->because('slices meet in Record and Platform');
    }

    /**
     * @return list<SelectorInterface>
     */
    private static function slices(): array
    {
        return array_map(static fn (string $slice): SelectorInterface => Selector::inNamespace('Zumbo\App\\'.$slice), self::SLICES);
    }
}
