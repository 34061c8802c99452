<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Pacing;

use Zumbo\App\Tests\ApiTestCase;

final class ClassPacingApiTest extends ApiTestCase
{
    private const TEXT = '?text=3+rounds:+30+doubles,+run+1:00;+cap+8:00';

    public function testEverybodyIsInOneTableTheLikeliestToGetStuckFirst(): void
    {
        $this->signInto();
        $strong = $this->person('linked-doubles', 'Ana');
        $weak = $this->person('some-doubles', 'Bo');
        $sore = $this->person('linked-doubles', 'Cy');
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $sore, 'caution' => 'pain', 'place' => 'shin', 'degree' => 5]);
        $class = $this->send('GET', '/api/class-pacing'.self::TEXT);
        $this->assertStatus(200);
        self::assertSame([$weak, $strong, $sore], array_column($class['rows'], 'athleteId'));
        [$first, $second, $third] = $class['rows'];
        self::assertGreaterThan($second['stuck'], $first['stuck']);
        self::assertSame(['tries', []], [$first['recommended'], $first['plan']], 'below Link never a number in a row');
        self::assertSame([30], $second['plan']);
        self::assertGreaterThan($first['chanceInCap'], $second['chanceInCap']);
        self::assertNotNull($third['notToday']);
        self::assertNull($third['recommended'], 'a caution binds here too');
        $own = $this->send('GET', "/api/athletes/$strong/pacing".self::TEXT);
        self::assertSame([$own['expectedS'], $own['p10S'], $own['p90S']], [$second['expectedS'], $second['p10S'], $second['p90S']]);
    }

    public function testAllEndWithinTwoMinutes(): void
    {
        $this->signInto();
        $this->person('linked-doubles', 'Ana');
        $this->person('some-doubles', 'Bo');
        $class = $this->send('GET', '/api/class-pacing'.self::TEXT.'&within=120&least=5');
        $levels = array_column($class['rows'], 'level');
        self::assertSame([true, false], array_column($levels, 'tries'));
        self::assertLessThanOrEqual(120.0, $class['spreadS']);
        self::assertGreaterThan(0.0, $class['chanceTogether']);
        self::assertLessThanOrEqual(1.0, $class['chanceTogether']);
        self::assertLessThanOrEqual(30, $levels[1]['number'], 'nobody gets more than the workout');
        $own = $this->send('GET', '/api/athletes/'.$class['rows'][1]['athleteId'].'/pacing'.self::TEXT);
        self::assertLessThanOrEqual($own['contactsLeft'], $levels[1]['doubles'], 'today’s contacts bind here too');
        $this->send('GET', '/api/class-pacing?text=every+1:00,+5+times:+20+doubles&within=120');
        $this->assertStatus(422);
    }

    public function testGoesOutAsATable(): void
    {
        $this->signInto();
        $this->person('linked-doubles', '=Ana');
        $this->send('GET', '/api/class-pacing/csv'.self::TEXT);
        $this->assertStatus(200);
        $lines = explode("\n", trim((string) $this->browser->getInternalResponse()->getContent()));
        self::assertStringStartsWith('athlete,stage,sets,expected_s', $lines[0]);
        self::assertStringStartsWith("'=Ana", $lines[1], 'no formula');
    }

    private function person(string $experience, string $name): string
    {
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['experience' => $experience, 'name' => $name]));

        return $id;
    }
}
