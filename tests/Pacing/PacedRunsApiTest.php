<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Pacing;

use Zumbo\App\Tests\ApiTestCase;

final class PacedRunsApiTest extends ApiTestCase
{
    private const TEXT = '2 rounds: 40 doubles, run 1:00';

    public function testARunIsKeptAsItWasForecastAndHeldAgainstItsPlan(): void
    {
        $this->signInto();
        $athlete = $this->holder();
        $plan = $this->plan($athlete);
        $run = self::id();
        $body = $this->asRun($athlete, $plan, 1.0);
        $kept = $this->send('PUT', '/api/paced-runs/'.$run, $body);
        $this->assertStatus(201);
        self::assertSame('As planned: keep the plan', $kept['change']['sentence']);
        self::assertTrue($kept['held']);
        self::assertEqualsWithDelta($plan['expectedS'], $kept['takenS'], 1.5);
        $this->send('PUT', '/api/paced-runs/'.$run, $body);
        $this->assertStatus(200);
        $this->send('PUT', '/api/paced-runs/'.self::id(), ['startedAt' => '2031-01-01T00:00:00Z'] + $body);
        $this->assertStatus(422);
        $all = $this->send('GET', '/api/paced-runs?athlete='.$athlete);
        self::assertSame([$run], array_column($all['runs'], 'id'));
        self::assertSame([1, 1], [$all['held'], $all['of']]);
        $gone = $this->send('DELETE', '/api/paced-runs/'.$run, null, self::change(1));
        self::assertTrue($gone['removed']);
        self::assertNotContains($run, array_column($this->send('GET', '/api/paced-runs')['runs'], 'id'));
        $this->send('POST', '/api/paced-runs/'.$run.'/restore', null, self::change(2));
        self::assertContains($run, array_column($this->send('GET', '/api/paced-runs?athlete='.$athlete)['runs'], 'id'));
    }

    public function testTouchesThatGoBackwardsAreRefusedByName(): void
    {
        $this->signInto();
        $athlete = $this->holder();
        $body = $this->asRun($athlete, $this->plan($athlete), 1.0);
        $body['legs'][1]['doneS'] = 1.0;
        $answer = $this->send('PUT', '/api/paced-runs/'.self::id(), $body);
        $this->assertStatus(422);
        self::assertStringContainsString('legs[1].doneS', json_encode($answer, \JSON_THROW_ON_ERROR));
        foreach ($body['legs'] as $i => $leg) {
            $body['legs'][$i]['doneS'] = null;
        }
        $this->send('PUT', '/api/paced-runs/'.self::id(), $body);
        $this->assertStatus(422);
    }

    public function testForecastsThatDoNotHoldWidenTheNextAndSplitsSayWhatAMissCosts(): void
    {
        $this->signInto();
        $athlete = $this->holder();
        $before = $this->plan($athlete);
        self::assertSame([1.0, false], [(float) $before['wider'], $before['costs']['ownMiss']]);
        for ($i = 0; $i < 6; ++$i) {
            $this->send('PUT', '/api/paced-runs/'.self::id(), $this->asRun($athlete, $before, 1.6, 1));
            $this->assertStatus(201);
        }
        $all = $this->send('GET', '/api/paced-runs');
        self::assertSame([0, 6, 6], [$all['held'], $all['of'], $all['slower']]);
        self::assertStringContainsString('0 of 6 forecasts held', $all['calibration']['sentence']);
        $after = $this->plan($athlete);
        self::assertGreaterThan(1.2, $after['wider']);
        self::assertTrue($after['costs']['ownMiss'], 'twelve misses in their splits');
        self::assertGreaterThan(10.0, $after['costs']['missS']);
        $asked = $this->send('GET', "/api/athletes/$athlete/pacing?missCost=10&text=".rawurlencode(self::TEXT));
        self::assertSame([10.0, false], [(float) $asked['costs']['missS'], $asked['costs']['ownMiss']], 'what a coach says goes first');
        self::assertGreaterThan($before['p90S'] - $before['p10S'], $asked['p90S'] - $asked['p10S']);
        $class = array_column($this->send('GET', '/api/class-pacing?text='.rawurlencode(self::TEXT))['rows'], null, 'athleteId');
        self::assertSame($after['p90S'], $class[$athlete]['p90S'], 'the class table says the same');
    }

    public function testACoachsOwnChoiceStandsWithItsReason(): void
    {
        $this->signInto();
        $athlete = $this->holder();
        $way = self::id();
        $body = ['athleteId' => $athlete, 'workout' => self::TEXT, 'scaling' => 'fewer', 'doing' => '2 rounds: 15 doubles, run 1:00'];
        $this->send('PUT', '/api/chosen-ways/'.$way, $body + ['reason' => 'back from a week off']);
        $this->assertStatus(201);
        $plan = $this->plan($athlete);
        self::assertSame(['fewer', 'back from a week off'], [$plan['chosen']['scaling'], $plan['chosen']['reason']]);
        $row = $this->send('GET', '/api/class-pacing?text='.rawurlencode(self::TEXT))['rows'][0];
        self::assertSame([30, $way], [$row['scaledDoubles'], $row['chosen']['id']], 'the table and the card say what was chosen');
        $second = self::id();
        $this->send('PUT', '/api/chosen-ways/'.$second, ['scaling' => 'full', 'doing' => self::TEXT] + $body);
        self::assertSame($second, $this->plan($athlete)['chosen']['id'], 'in place of the one before');
        $this->send('DELETE', '/api/chosen-ways/'.$second, null, self::change(1));
        self::assertNull($this->plan($athlete)['chosen']);
        $this->send('PUT', '/api/chosen-ways/'.self::id(), ['doing' => 'five of something'] + $body);
        $this->assertStatus(422);
    }

    public function testEachSpeedHasItsPriceAndThePlanGoesAtTheOneAsked(): void
    {
        $this->signInto();
        $athlete = $this->holder();
        $plan = $this->plan($athlete);
        $speeds = array_column($plan['speeds'], null, 'speed');
        self::assertEqualsWithDelta(129, $speeds['low-fast']['aMinute'], 0.5);
        self::assertEqualsWithDelta(89, $speeds['high-slow']['aMinute'], 0.5);
        self::assertEqualsWithDelta(3.0, $speeds['high-slow']['workRatio'], 0.01);
        self::assertEqualsWithDelta($plan['expectedS'], $speeds['natural']['expectedS'], 1e-6);
        $slow = $this->send('GET', "/api/athletes/$athlete/pacing?speed=high-slow&text=".rawurlencode(self::TEXT));
        self::assertEqualsWithDelta($speeds['high-slow']['expectedS'], $slow['expectedS'], 1e-6);
    }

    private function holder(): string
    {
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['experience' => 'linked-doubles']));

        return $id;
    }

    /**
     * @return array<string, mixed>
     */
    private function plan(string $athlete): array
    {
        $plan = $this->send('GET', "/api/athletes/$athlete/pacing?text=".rawurlencode(self::TEXT));
        $this->assertStatus(200);

        return $plan;
    }

    /**
     * @param array<string, mixed> $plan
     *
     * @return array<string, mixed>
     */
    private function asRun(string $athlete, array $plan, float $slower, int $missed = 0): array
    {
        return [
            'athleteId' => $athlete,
            'workout' => self::TEXT,
            'startedAt' => '2026-11-20T17:00:00Z',
            'expectedS' => $plan['expectedS'],
            'p10S' => $plan['p10S'],
            'p90S' => $plan['p90S'],
            'wider' => $plan['wider'],
            'finished' => true,
            'legs' => array_map(
                static fn (array $leg): array => [
                    'doneS' => round($slower * $leg['endS'], 2),
                    'missed' => 'doubles' === $leg['kind'] ? $missed : 0,
                ] + $leg,
                $plan['legs'],
            ),
        ];
    }
}
