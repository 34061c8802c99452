<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Sets;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Tests\ApiTestCase;

final class LadderApiTest extends ApiTestCase
{
    public function testALadderHasItsRungsWithBeatChanceAndTotals(): void
    {
        $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['experience' => 'linked-doubles']));
        $ladder = $this->send('GET', '/api/athletes/'.$id.'/ladder?family=pyramid&top=7');
        $this->assertStatus(200);
        self::assertSame(
            ['ladder-pyramid', 'streak', 7],
            [$ladder['code'], $ladder['countKind'], $ladder['rungs'][6]['reps']],
        );
        self::assertCount(13, $ladder['rungs']);
        self::assertSame(
            [49, 98],
            [$ladder['jumps'], $ladder['turns']],
            'a pyramid of 7 is 49 jumps',
        );
        self::assertSame('7 doubles', $ladder['rungs'][6]['text']);
        self::assertCount(7, $ladder['rungs'][6]['beats']);
        self::assertLessThan($ladder['rungs'][0]['chance'], $ladder['rungs'][6]['chance']);
        self::assertGreaterThan($ladder['cleanS'], $ladder['expectedS']);
        self::assertGreaterThan(49, $ladder['contacts'], 'repeats and misses cost contacts');
        self::assertLessThan($ladder['rungs'][6]['chance'], $ladder['chanceOfAll']);
        self::assertEqualsWithDelta($ladder['tries'] - 13, $ladder['misses'], 1e-9);
    }

    public function testTheOwnLogMovesTheChances(): void
    {
        $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['experience' => 'linked-doubles']));
        $before = $this->send('GET', "/api/athletes/$id/ladder?top=20");
        for ($i = 0; $i < 6; ++$i) {
            $this->send('PUT', '/api/attempts/'.self::id(), [
                'athleteId' => $id,
                'drill' => 'big-sets',
                'kind' => 'streak',
                'reps' => 3 + ($i % 3),
                'end' => 'miss',
            ]);
        }
        $after = $this->send('GET', "/api/athletes/$id/ladder?top=20");
        self::assertLessThan($before['rungs'][19]['chance'], $after['rungs'][19]['chance']);
        self::assertStringContainsString('From 6 logged goes', $after['source']['sentence']);
        self::assertStringContainsString('is not for today', $after['outlook']['sentence']);
        self::assertSame([false, false], [$after['inReach'], $after['rungs'][19]['inReach']]);
        $top = $after['topInReach'];
        self::assertTrue($this->send('GET', "/api/athletes/$id/ladder?top=$top")['inReach']);
        self::assertFalse($this->send('GET', "/api/athletes/$id/ladder?top=".($top + 1))['inReach']);
    }

    public function testBeforeTheFirstDoubleSinglesRise(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $ladder = $this->send('GET', "/api/athletes/$id/ladder?top=12");
        self::assertSame('12 singles', $ladder['rungs'][11]['text']);
        self::assertSame(['streak', 12], [$ladder['countKind'], $ladder['rungs'][11]['reps']]);
        $mixed = $this->send('GET', "/api/athletes/$id/ladder?family=falling-singles&top=5");
        self::assertSame(
            'tries',
            $mixed['countKind'],
            'a rung of singles with one double says nothing about a hundred singles',
        );
        self::assertSame([1, 1, 1, 1, 1], array_column($mixed['rungs'], 'reps'));
    }

    public function testALoggedRungMovesTheGateAndTheContacts(): void
    {
        $this->signInto();
        $id = self::id();
        $this->send(
            'PUT',
            '/api/athletes/'.$id,
            self::athlete(['experience' => 'linked-doubles', 'birthYear' => 1990]),
        );
        self::assertStringContainsString(
            'the 1,300 that are left today',
            $this->send('GET', "/api/athletes/$id/ladder?top=5")['load']['sentence'],
        );
        $before = $this->send('GET', "/api/athletes/$id/today")['gate']['chance'];
        foreach ([3, 4, 5] as $reps) {
            $this->send('PUT', '/api/attempts/'.self::id(), [
                'athleteId' => $id,
                'drill' => 'ladder-rising',
                'kind' => 'streak',
                'reps' => $reps,
                'end' => 'miss',
            ]);
            $this->assertStatus(201);
        }
        self::assertLessThan($before, $this->send('GET', "/api/athletes/$id/today")['gate']['chance']);
        $load = $this->send('GET', "/api/athletes/$id/ladder?top=6")['load'];
        self::assertStringContainsString('the 1,285 that are left today', $load['sentence'], '12 reps and 3 misses');
        self::assertSame('load.within', $load['code']);
    }

    #[DataProvider('badQueries')]
    public function testABadQueryIsNamed(string $query, string $field): void
    {
        $this->signInto();
        $problem = $this->send('GET', '/api/athletes/'.$this->newAthlete().'/ladder?'.$query);
        $this->assertStatus(422);
        self::assertSame($field, $problem['errors'][0]['field']);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function badQueries(): iterable
    {
        yield 'family' => ['family=step', 'family'];
        yield 'no top' => ['top=0', 'top'];
        yield 'too high' => ['top=61', 'top'];
        yield 'singles' => ['fixedSingles=x', 'fixedSingles'];
    }

    public function testStepsTimesExitAndMissRuleAreCounted(): void
    {
        $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['experience' => 'linked-doubles']));
        $ladder = $this->send('GET', "/api/athletes/$id/ladder?top=6&start=2&step=2&times=3&exitSingles=2&missRule=step-down");
        self::assertSame([36, 72, 18], [$ladder['jumps'], $ladder['turns'], $ladder['exitJumps']]);
        self::assertSame(['2 doubles, 2 singles', 2], [$ladder['rungs'][0]['text'], $ladder['rungs'][0]['reps']]);
        $repeated = $this->send('GET', "/api/athletes/$id/ladder?top=6&start=2&step=2&times=3&exitSingles=2");
        self::assertGreaterThan($repeated['tries'], $ladder['tries']);
        self::assertStringStartsWith('(', (string) $ladder['byClock']);
        $clock = $this->send('GET', "/api/athletes/$id/intervals?text=".rawurlencode((string) $ladder['byClock']));
        $this->assertStatus(200);
        self::assertSame(9, $clock['works']);
        $this->send('GET', "/api/athletes/$id/ladder?top=3&start=5");
        $this->assertStatus(422);
    }

    public function testALadderIsFittedToMinutesContactsAndAim(): void
    {
        $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['experience' => 'linked-doubles']));
        $fit = $this->send('GET', "/api/athletes/$id/ladder/fit?minutes=5");
        $this->assertStatus(200);
        self::assertLessThanOrEqual(300, $fit['best']['expectedS']);
        self::assertEqualsWithDelta(0.85, $fit['best']['chanceOfTop'], 0.08);
        self::assertCount(2, $fit['alternatives']);
        $best = $fit['best'];
        $wish = http_build_query(array_intersect_key($best, array_flip(['top', 'start', 'step', 'times'])));
        $built = $this->send('GET', "/api/athletes/$id/ladder?$wish");
        self::assertEqualsWithDelta($best['expectedS'], $built['expectedS'], 1e-6, 'one ladder, one time');
        self::assertSame($best['contacts'], $built['contacts']);
        self::assertLessThanOrEqual(30, $this->send('GET', "/api/athletes/$id/ladder/fit?minutes=5&contacts=30")['best']['contacts']);
    }
}
