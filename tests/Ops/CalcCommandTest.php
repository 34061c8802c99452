<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Ops;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Registry;

/**
 * The real command as a process: PHP without any extension it need not have, no framework, no database.
 */
final class CalcCommandTest extends TestCase
{
    private const INPUTS = [
        'rope' => 'height=175',
        'arc' => 'cable_length=240cm hand_span=90cm points=3',
        'arc-length' => 'arc_depth_m=1 hand_span_m=0.9',
        'fit' => 'stature=175 reaches=armpit',
        'cable' => 'linear_density_kg_per_m=0.0255 diameter_m=0.005 cable_length=240cm hand_span=90cm turns_per_min=120',
        'trim' => 'stature=168 cable_length=262cm goal=chest',
        'today' => 'stature=168 handle_length=15cm rope.cable_length=250cm rope.stance=two-feet stage=join',
        'assign' => "'cost=[[1, null], [2, 3]]'",
        'cut' => "'pieces=[{\"length\": \"2.41 m\", \"count\": 9}]' stock_length=30m allowance=14cm kerf_m=0.002",
        'pattern' => "'notation=(3s d)x2 r5' cadence_per_min=104",
        'rhythm' => 'landings_s=0,0.5,1,1.5,2 turns_s=0.3,0.8,1.3,1.8 target=s',
        'sound' => 'wav=core/tests/Sound/files/singles-30db.wav target=s',
        'synth' => 'seconds=2 pattern=d',
        'jump' => 'passes=2 jump=15cm turns_per_min=210 foot_length=26cm arc_depth=96cm cable_diameter=2.5mm',
        'frames' => 'frames_per_s=240 takeoff=1000 pass_1=1026 pass_2=1095 landing=1120',
        'streak' => "'attempts=[{\"reps\": 12, \"end\": \"miss\"}]' targets=10,20 stage=link",
        'gate' => "stage=link 'sets=[{\"reps\": 120, \"misses\": 4}]'",
        'place' => 'hops.halts=0 singles.turns=36 singles.landings=36 singles.misses=0 tall.clean=2 doubles.clean=1',
        'survival' => "'attempts=[{\"reps\": 12, \"end\": \"miss\"}]'",
        'weibull' => "'attempts=[{\"reps\": 12, \"end\": \"miss\"}]'",
        'ladder' => 'family=pyramid top=8 hazard_doubles.kind=weibull hazard_doubles.scale=20 hazard_doubles.shape=1.4',
        'fit-ladder' => 'family=rising minutes=6 hazard_doubles.kind=constant hazard_doubles.q=0.05',
        'deck' => 'cards=15 seed=3 rules.court=10 rules.ace=15',
        'hall' => "width=6m depth=5m height=3m 'people=[{\"stature_m\": 1.7, \"cable_length_m\": 2.4}]'",
        'interval' => "'text=20/10 x2: hops, tall singles'",
        'pace' => 'reps=50 reps_per_s=1.8 hazard.kind=constant hazard.q=0.03 miss_cost_s=10 break_cost_s=4',
        'scale' => 'reps=50 reps_per_s=1.7 hazard.kind=weibull hazard.scale=6 hazard.shape=1.3 miss_cost_s=10 break_cost_s=4',
        'workout' => "'text=3 rounds: 30 doubles, run 2:00; cap 15:00' within_s=120 'athletes=[{\"name\": \"A\", \"hazard\": {\"kind\": "
            ."\"constant\", \"q\": [0.03]}, \"reps_per_s\": 1.7, \"miss_cost_s\": 10, \"break_cost_s\": 4}]'",
        'fault' => 'signs=hands-drift-out,catches-toes stage=singles',
        'session' => "minutes=20 'people=[{\"stage\": \"singles\"}, {\"stage\": \"link\"}]' equipment.bar=1 seed=4",
        'plan' => 'stage=singles days=2,4 weeks_contacts=900,1000 age=14',
        'load' => "weeks_contacts=900,1000 'sessions=[{\"effort\": 6, \"minutes\": 40}]' mass_kg=70",
        'routine' => 'seconds=30 beats_per_min=110 moves=boxer-step,skier,side-swing',
    ];

    public function testEveryComputationIsTried(): void
    {
        self::assertSame(
            array_map(static fn (Calculation $calculation): string => $calculation->name(), Registry::all()),
            array_keys(self::INPUTS),
        );
    }

    #[DataProvider('inputs')]
    public function testRunsWithNothingButPhp(string $name, string $words): void
    {
        [$exit, $out] = $this->execute("$name $words --json");
        self::assertSame(0, $exit, $out);
        self::assertIsArray(json_decode($out, true));
        [$exit] = $this->execute("$name $words");
        self::assertSame(0, $exit);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function inputs(): iterable
    {
        foreach (self::INPUTS as $name => $words) {
            yield $name => [$name, $words];
        }
    }

    public function testReadsJsonFromStandardInput(): void
    {
        [$exit, $out] = $this->execute('arc --json', '{"cable_length_m": 2.4, "hand_span_m": 0.9}');
        self::assertSame(0, $exit);
        self::assertEqualsWithDelta(1.05651, json_decode($out, true)['arc_depth_m'], 1e-5);
    }

    public function testBadInputExitsWithTwoAndOneLine(): void
    {
        [$exit, $out] = $this->execute('rope height=19');
        self::assertSame(2, $exit);
        self::assertSame("height \"19\": between 90 and 230 cm, or like 5'3\"", trim($out));
    }

    /**
     * @return array{int, string}
     */
    private function execute(string $words, string $input = ''): array
    {
        $process = proc_open(
            ['bash', '-c', escapeshellarg(\dirname(__DIR__, 2).'/zumbo')." calc $words 2>&1"],
            [['pipe', 'r'], ['pipe', 'w']],
            $pipes,
        );
        self::assertIsResource($process);
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);

        return [proc_close($process), $out];
    }
}
