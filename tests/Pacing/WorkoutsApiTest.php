<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Pacing;

use Zumbo\App\Tests\ApiTestCase;

final class WorkoutsApiTest extends ApiTestCase
{
    public function testATextIsReadOrItsPlaceIsPointedAt(): void
    {
        $this->signInto();
        $read = $this->send('GET', '/api/workouts/read?text='.rawurlencode('5 rounds for time: 50 double unders, run 2 min'));
        self::assertSame('5 rounds: 50 doubles, run 2:00', $read['workout']['text']);
        self::assertNull($read['error']);
        $bad = $this->send('GET', '/api/workouts/read?text='.rawurlencode('5 rounds: 50 doubles, run'));
        self::assertNull($bad['workout']);
        self::assertSame(23, $bad['error']['position']);
    }

    public function testAWorkoutIsKeptChangedTakenAwayAndBroughtBack(): void
    {
        $this->signInto();
        $shipped = $this->send('GET', '/api/workouts');
        self::assertGreaterThanOrEqual(12, \count($shipped));
        self::assertSame([null], array_values(array_unique(array_column($shipped, 'id'))));
        $id = self::id();
        $kept = $this->send('PUT', '/api/workouts/'.$id, ['name' => 'Friday', 'text' => '3 Rounds: 20 double unders, run 1 min']);
        $this->assertStatus(201);
        self::assertSame('3 rounds: 20 doubles, run 1:00', $kept['text']);
        $this->send('PUT', '/api/workouts/'.$id, ['name' => 'Friday', 'text' => '3 Rounds: 20 double unders, run 1 min']);
        $this->assertStatus(200);
        self::assertSame('Friday', $this->send('GET', '/api/workouts')[0]['name'], 'their own come first');
        $changed = $this->send('PATCH', '/api/workouts/'.$id, ['name' => 'Friday', 'text' => '4 rounds: 20 doubles'], self::change(1));
        self::assertSame('4 rounds: 20 doubles', $changed['text']);
        $this->send('PATCH', '/api/workouts/'.$id, ['name' => 'Friday', 'text' => '5 rounds: 20 doubles'], self::change(1));
        $this->assertStatus(409);
        $this->send('DELETE', '/api/workouts/'.$id, null, self::change($changed['version']));
        self::assertCount(\count($shipped), $this->send('GET', '/api/workouts'));
        $this->send('POST', "/api/workouts/$id/restore", null, self::change($changed['version'] + 1));
        self::assertCount(\count($shipped) + 1, $this->send('GET', '/api/workouts'));
        $problem = $this->send('PUT', '/api/workouts/'.self::id(), ['name' => 'Bad', 'text' => '3 rounds: run']);
        $this->assertStatus(422);
        self::assertStringContainsString('(character 11)', $problem['errors'][0]['message']);
    }
}
