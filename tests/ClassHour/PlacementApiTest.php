<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\ClassHour;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;

/**
 * A guest is placed in two minutes.
 */
final class PlacementApiTest extends ApiTestCase
{
    private const SEEN = ['halts' => 0, 'rope' => 'quiet', 'misses' => 0, 'tall' => 2, 'doubles' => 1];

    public function testAGuestStandsWhereTheyWereSeen(): void
    {
        $this->signInto(role: Role::Coach);
        $this->send('PUT', '/api/guests/'.($guest = self::id()), ['name' => 'Enna', 'height' => '171']);
        $this->assertStatus(201);
        self::assertSame('jump', $this->send('GET', '/api/class')['athletes'][0]['stage']);
        $id = self::id();
        $placed = $this->send('PUT', '/api/placements/'.$id, ['athleteId' => $guest] + self::SEEN);
        $this->assertStatus(201);
        self::assertSame(['range', 'snap', 'every jump the same'], [$placed['stage'], $placed['mayBe'], $placed['cue']]);
        self::assertStringContainsString('To be confirmed at the first practice', $placed['reasons'][0]['sentence']);
        $class = $this->send('GET', '/api/class')['athletes'][0];
        self::assertSame(['range', 'every jump the same'], [$class['stage'], $class['drill']['cue']]);
        $this->send('PATCH', "/api/athletes/$guest/stage", ['stage' => 'singles'], self::change(2));
        $this->assertStatus(200);
        $this->send('PUT', '/api/placements/'.$id, ['athleteId' => $guest] + self::SEEN);
        $this->assertStatus(200);
        self::assertSame('singles', $this->send('GET', '/api/class')['athletes'][0]['stage'], 'sent again it moves nobody');
        $counted = $this->send('PUT', '/api/placements/'.self::id(), ['athleteId' => $guest, 'turns' => 31, 'misses' => 1] + self::SEEN);
        self::assertStringContainsString('20 in a row about 4 times in 10', $counted['reasons'][1]['sentence']);
        $this->send('PUT', '/api/placements/'.self::id(), ['athleteId' => $guest, 'best' => 12] + self::SEEN);
        self::assertSame('link', $this->send('GET', '/api/class')['athletes'][0]['stage']);
    }

    public function testNobodyJumpsForItWhoMayNotJump(): void
    {
        $this->signInto(role: Role::Coach);
        $athlete = $this->newAthlete();
        $this->send('PUT', '/api/stops/'.self::id(), ['athleteId' => $athlete, 'why' => 'temper']);
        $this->assertStatus(201);
        $this->send('PUT', '/api/placements/'.self::id(), ['athleteId' => $athlete] + self::SEEN);
        $this->assertProblem('athleteId', 'may jump today');
        foreach (['halts' => -1, 'rope' => 'square', 'misses' => 99, 'tall' => 4] as $field => $wrong) {
            $this->send('PUT', '/api/placements/'.self::id(), ['athleteId' => $athlete, $field => $wrong] + self::SEEN);
            $this->assertProblem($field);
        }
    }
}
