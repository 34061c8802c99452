<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\RopeDesk;

use Zumbo\App\Tests\ApiTestCase;

/**
 * Everybody's first rope at once.
 */
final class FirstRopesApiTest extends ApiTestCase
{
    /** The two heights of stories 1 and 4: by the armpit with 12 cm handles, and with 15. */
    public function testEverybodyWithoutARopeIsSizedByTheSchoolInForce(): void
    {
        $this->signInto();
        [$tovic, $ilse] = [$this->athleteOf('Tovic', '191'), $this->athleteOf('Ilse', '168')];
        $open = $this->send('GET', '/api/first-ropes');
        self::assertSame(['Ilse', 'Tovic'], array_column($open, 'name'));
        self::assertSame([null, null], array_column($open, 'cableM'), 'the handles are asked for, not taken for granted');
        $sized = $this->send('GET', '/api/first-ropes?handle=15');
        self::assertEqualsWithDelta(2.44, $sized[0]['cableM'], 0.005);
        self::assertEqualsWithDelta(2.74, $sized[0]['overallM'], 0.005);
        $this->knowHandles($tovic, 0.12);
        $again = $this->send('GET', '/api/first-ropes?handle=15');
        self::assertEqualsWithDelta($again[1]['overallM'] - 0.24, $again[1]['cableM'], 1e-9, 'their own handles go first');
        $id = self::id();
        foreach ([1, 2] as $time) {
            $this->send('PUT', '/api/first-ropes/'.$id, ['handle' => '15', 'athletes' => [$tovic, $ilse]]);
            $this->assertStatus(204);
        }
        self::assertSame([], $this->send('GET', '/api/first-ropes'));
        $hall = $this->send('GET', '/api/class')['athletes'];
        self::assertSame([null, null], array_column($hall, 'beforeJumping'), 'a rope that is cut new is not looked over at once');
        $athletes = $this->send('GET', '/api/athletes');
        self::assertEqualsWithDelta($sized[0]['cableM'], $athletes[0]['rope']['cableLengthM'], 1e-9);
        self::assertEqualsWithDelta($again[1]['cableM'], $athletes[1]['rope']['cableLengthM'], 1e-9);
    }

    public function testWhoeverGotARopeMeanwhileKeepsIt(): void
    {
        $this->signInto();
        $ilse = $this->athleteOf('Ilse', '168');
        $this->send('PUT', '/api/ropes/'.self::id(), [
            'athleteId' => $ilse,
            'school' => 'chest',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
        ]);
        $this->send('PUT', '/api/first-ropes/'.self::id(), ['handle' => '15', 'athletes' => [$ilse]]);
        $this->assertStatus(204);
        self::assertLessThan(2.35, $this->send('GET', '/api/athletes')[0]['rope']['cableLengthM'], 'by the chest, not the armpit');
    }

    public function testWhoIsNotThereAndWhatIsNoHandleIsNamed(): void
    {
        $this->signInto();
        $this->send('PUT', '/api/first-ropes/'.self::id(), ['handle' => '15', 'athletes' => [self::id()]]);
        $this->assertProblem('athletes');
        $this->send('PUT', '/api/first-ropes/'.self::id(), ['handle' => 'long', 'athletes' => [self::id()]]);
        $this->assertProblem('handle');
        $this->send('GET', '/api/first-ropes?handle=300');
        $this->assertProblem('handle');
    }

    private function athleteOf(string $name, string $height): string
    {
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['name' => $name, 'height' => $height, 'experience' => 'none']));
        $this->assertStatus(201);

        return $id;
    }
}
