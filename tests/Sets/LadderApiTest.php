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
        yield 'too high' => ['top=31', 'top'];
        yield 'singles' => ['fixedSingles=x', 'fixedSingles'];
    }
}
