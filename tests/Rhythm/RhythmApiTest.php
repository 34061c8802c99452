<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Rhythm;

use Zumbo\App\Tests\ApiTestCase;

final class RhythmApiTest extends ApiTestCase
{
    public function testAPatternIsReadAndPutInTime(): void
    {
        $this->signInto();
        $pattern = $this->send('GET', '/api/pattern?notation=s+s+d&cadence=120');
        $this->assertStatus(200);
        self::assertSame(
            ['2s d', '2 singles, 1 double', 3, 4],
            [$pattern['notation'], $pattern['text'], $pattern['jumps'], $pattern['turns']],
        );
        self::assertEqualsWithDelta([0.0, 0.5, 1.0], array_column($pattern['beats'], 'atS'), 1e-9);
        $footwork = $this->send('GET', '/api/pattern?notation=s:one-foot+d');
        self::assertSame(['one foot', null], array_column($footwork['beats'], 'footwork'));
        foreach (
            ['notation=3k' => 'notation', 'notation=' => 'notation', 'notation=s&cadence=300' => 'cadence'] as $query => $field
        ) {
            $this->send('GET', '/api/pattern?'.$query);
            $this->assertProblem($field);
        }
    }

    public function testAPatternIsToldAsItsGateIs(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $this->send('PATCH', "/api/athletes/$id/stage", ['stage' => 'mix'], self::change(1));
        $said = fn (string $notation): string => $this->send(
            'GET',
            '/api/pattern?'.http_build_query(['notation' => $notation, 'cadence' => 90, 'athleteId' => $id]),
        )['chance']['sentence'];
        self::assertStringContainsString('go by time', $said('w30(2s d)'), 'as one who has logged nothing');
        for ($go = 0; $go < 6; ++$go) {
            $entry = ['athleteId' => $id, 'drill' => 'two-and-one', 'kind' => 'hold', 'reps' => 45, 'end' => null];
            $this->send('PUT', '/api/attempts/'.self::id(), $entry);
            $this->assertStatus(201);
        }
        $gate = $this->send('GET', "/api/athletes/$id/today")['gate'];
        self::assertSame(30, $gate['count']);
        $percent = (int) round(100 * $gate['chance']);
        self::assertStringContainsString("all 15 rounds $percent times", $said('w30(2s d)'));
        self::assertStringContainsString('go by time', $said('w30(s 5d)'), 'harder than any drill of the stage');
    }

    public function testATakeIsCountedAndComparedWithItsTarget(): void
    {
        $this->signInto();
        $landings = range(0.0, 6.0, 0.5);
        $turns = array_map(static fn (float $at): float => $at + 0.3, \array_slice($landings, 0, 12));
        $take = $this->send('POST', '/api/takes/read', [
            'turnsS' => $turns,
            'landingsS' => $landings,
            'target' => '12s',
        ]);
        $this->assertStatus(200);
        self::assertSame(
            [12, 12, 'even', null, 12, 'rhythm.even'],
            [
                $take['jumps'],
                $take['turns'],
                $take['evenness'],
                $take['firstBroken'],
                $take['longestStreak'],
                $take['verdict']['code'],
            ],
        );
        self::assertEqualsWithDelta(120, $take['cadencePerMin'], 1e-9);
        self::assertSame(
            [
                ['countKind' => 'streak', 'kind' => 'streak', 'reps' => 12, 'misses' => 0, 'end' => 'stopped'],
                ['countKind' => 'tries', 'kind' => 'tries', 'reps' => 12, 'misses' => 0, 'end' => null],
                ['countKind' => 'hold', 'kind' => 'hold', 'reps' => 6, 'misses' => 0, 'end' => null],
            ],
            $take['entries'],
        );
        $tripped = $this->send('POST', '/api/takes/read', [
            'turnsS' => [0.3, 0.9, 1.5],
            'landingsS' => [0.0, 0.6, 1.2, 1.8, 3.8],
        ]);
        self::assertSame(
            ['countKind' => 'streak', 'kind' => 'streak', 'reps' => 3, 'misses' => 0, 'end' => 'miss'],
            $tripped['entries'][0],
        );
        $wentOn = $this->send('POST', '/api/takes/read', [
            'turnsS' => [0.3, 0.9, 1.5, 4.1],
            'landingsS' => [0.0, 0.6, 1.2, 1.8, 3.8, 4.4],
        ]);
        self::assertSame(
            ['countKind' => 'streak', 'kind' => 'sum', 'reps' => 4, 'misses' => 1, 'end' => null],
            $wentOn['entries'][0],
        );
        self::assertSame(
            4,
            $this->send('POST', '/api/takes/read', ['turnsS' => $turns, 'landingsS' => $landings, 'target' => '3s d'])[
                'firstBroken'
            ],
        );
        self::assertSame(
            0,
            $this->send('POST', '/api/takes/read', ['turnsS' => [], 'landingsS' => []])['longestStreak'],
        );
        $this->send('POST', '/api/takes/read', ['turnsS' => [], 'landingsS' => [1.0, 0.5]]);
        $this->assertProblem('landingsS', 'each later than the one before');
        $this->send('POST', '/api/takes/read', ['turnsS' => [2.0, 2.0], 'landingsS' => []]);
        $this->assertProblem('turnsS');
        $this->send('POST', '/api/takes/read', ['turnsS' => [], 'landingsS' => [], 'target' => '3k']);
        $this->assertProblem('target');
        $this->send('POST', '/api/takes/read', ['turnsS' => ['now'], 'landingsS' => []]);
        $this->assertProblem('turnsS[0]');
        $this->send('POST', '/api/takes/read', ['turnsS' => [], 'landingsS' => [[1]]]);
        $this->assertProblem('landingsS[0]');
    }

    public function testFourFramesTellHeightAndRate(): void
    {
        $this->signInto();
        $frames = $this->send('GET', '/api/frames?framesPerS=240&takeOff=1000&pass1=1026&pass2=1095&landing=1120');
        $this->assertStatus(200);
        self::assertEqualsWithDelta(
            [0.5, 0.306458, 208.696],
            [$frames['flightS'], $frames['jumpM'], $frames['turnsPerMin']],
            1e-3,
        );
        self::assertSame('frames.high', $frames['verdict']['code']);
        $this->send('GET', '/api/frames?framesPerS=240&takeOff=1000&pass1=1026&pass2=1027&landing=1120');
        $this->assertProblem('pass2', 'more than 2 frames after pass 1');
        $this->send('GET', '/api/frames?framesPerS=30&takeOff=10&pass1=13&pass2=22&landing=23');
        $this->assertProblem('framesPerS', 'a double can not be read at 30 a second');
        $this->send('GET', '/api/frames?framesPerS=0&takeOff=1&pass1=2&pass2=9&landing=12');
        $this->assertProblem('framesPerS');
    }
}
