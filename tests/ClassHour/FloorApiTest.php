<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\ClassHour;

use Zumbo\App\Tests\ApiTestCase;

final class FloorApiTest extends ApiTestCase
{
    public function testEverybodyStandsWithTheRoomTheirRopeNeeds(): void
    {
        $this->signInto();
        $ids = [$this->newAthlete(), $this->newAthlete(), $this->newAthlete()];
        $floor = $this->send('GET', '/api/floor');
        $this->assertStatus(200);
        self::assertTrue($floor['sizeGuessed']);
        self::assertEqualsCanonicalizing($ids, array_column($floor['spots'], 'athleteId'));
        self::assertSame('All 3 people have room to jump', $floor['title']['sentence']);
        foreach ($floor['spots'] as $spot) {
            self::assertTrue($spot['ropeGuessed'], 'nobody has a rope');
            self::assertGreaterThan(1.2, $spot['radiusM']);
            self::assertGreaterThanOrEqual($spot['radiusM'] - 0.001, $spot['xM']);
            self::assertSame([], $spot['crowds']);
        }
    }

    public function testASmallHallSaysWhoHasNoRoomAndALowOneWhoHitsTheCeiling(): void
    {
        $this->signInto();
        for ($i = 0; $i < 4; ++$i) {
            $this->newAthlete();
        }
        $this->settings(['hallWidth' => '4 m', 'hallDepth' => '3 m', 'ceiling' => '2.1 m'], 1);
        $floor = $this->send('GET', '/api/floor');
        $without = array_filter($floor['spots'], static fn (array $spot): bool => null === $spot['xM']);
        self::assertNotEmpty($without);
        self::assertSame($floor['roomFor'], 4 - \count($without));
        self::assertStringContainsString('no room to jump', $floor['title']['sentence']);
        self::assertSame([false], array_values(array_unique(array_column($floor['spots'], 'ceilingFits'))));
    }

    public function testPeopleStandOnTheMat(): void
    {
        $this->signInto();
        $this->newAthlete();
        $this->settings(['hallWidth' => '12 m', 'hallDepth' => '10 m', 'matWidth' => '4 m', 'matDepth' => '3 m'], 1);
        [$spot] = $this->send('GET', '/api/floor')['spots'];
        self::assertEqualsWithDelta([6.0, 5.0], [$spot['xM'], $spot['yM']], 0.01);
    }

    public function testACoachPutsSomebodyAndArrangingLetsThemGo(): void
    {
        $this->signInto();
        [$one, $other] = [$this->newAthlete(), $this->newAthlete()];
        $places = array_column($this->send('GET', '/api/floor')['spots'], null, 'athleteId');
        $beside = ['xM' => $places[$other]['xM'] + 0.5, 'yM' => $places[$other]['yM']];
        $floor = $this->send('PUT', '/api/floor/'.$one, $beside, self::change(0));
        $this->assertStatus(200);
        $put = array_column($floor['spots'], null, 'athleteId');
        self::assertSame([true, 1], [$put[$one]['put'], $put[$one]['version']]);
        self::assertNotEmpty($put[$one]['crowds']);
        self::assertStringContainsString('too near', $floor['title']['sentence']);
        $this->send('PUT', '/api/floor/'.$one, $beside, self::change(0));
        $this->assertStatus(409);
        $far = $this->send('PUT', '/api/floor/'.$one, ['xM' => 0.2, 'yM' => 0.2], self::change(1));
        self::assertTrue(array_column($far['spots'], null, 'athleteId')[$one]['overTheEdge']);
        $arranged = $this->send('PUT', '/api/floor/arrangements/'.self::id());
        $this->assertStatus(200);
        self::assertSame([false, false], array_column($arranged['spots'], 'put'));
        self::assertSame([[], []], array_column($arranged['spots'], 'crowds'));
    }

    public function testSomebodyOfAnotherGymCannotBePut(): void
    {
        $this->signInto();
        $theirs = $this->newAthlete();
        $this->signInto();
        $this->send('PUT', '/api/floor/'.$theirs, ['xM' => 1, 'yM' => 1], self::change(0));
        $this->assertStatus(404);
    }

    /**
     * @param array<string, string> $settings
     */
    private function settings(array $settings, int $version): void
    {
        $this->send('PATCH', '/api/gym', $settings, self::change($version));
        $this->assertStatus(200);
    }
}
