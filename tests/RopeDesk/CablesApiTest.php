<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\RopeDesk;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Tests\ApiTestCase;

final class CablesApiTest extends ApiTestCase
{
    private const BLUE = ['name' => 'blue coil', 'diameterMm' => 2.5, 'piece' => '2 m', 'grams' => 24.4];

    public function testSixFamiliesAreComparedInTheAthletesHands(): void
    {
        $this->signInto();
        $cables = $this->send('GET', '/api/athletes/'.$this->knowHandles($this->newAthlete()).'/cables');
        $this->assertStatus(200);
        self::assertEqualsWithDelta(2.4436, $cables['cableLengthM'], 1e-9);
        self::assertSame(
            ['beaded', 'thick-cord', 'medium-cord', 'coated-steel', 'thin-wire', 'weighted'],
            array_column($cables['cables'], 'family'),
        );
        $thick = $cables['cables'][1];
        self::assertSame(
            [true, true, false, 'clear', 'high'],
            [$thick['recommended'], $thick['forStage'], $thick['whips'], $thick['feel'], $thick['effort']],
        );
        self::assertEqualsWithDelta(0.0255, $thick['densityKgPerM'], 1e-4);
        self::assertGreaterThan($thick['learningPullN'], $thick['doublesPullN']);
        self::assertSame([false, true], [$cables['cables'][4]['forStage'], $cables['cables'][4]['whips']]);
    }

    public function testAnOwnCableIsWeighedComparedAndKept(): void
    {
        $this->signInto();
        $athlete = $this->knowHandles($this->newAthlete());
        $id = self::id();
        $view = $this->send('PUT', '/api/cables/'.$id, self::BLUE);
        $this->assertStatus(201);
        self::assertEqualsWithDelta(0.0122, $view['densityKgPerM'], 1e-12);
        self::assertSame('coated-steel', $view['like']);
        $this->send('PUT', '/api/cables/'.$id, self::BLUE);
        $this->assertStatus(200);
        $cables = $this->send('GET', '/api/athletes/'.$athlete.'/cables')['cables'];
        self::assertSame(['blue coil', $id], [$cables[6]['name'], $cables[6]['ownCableId']]);
        $rope = $this->send('PUT', '/api/ropes/'.self::id(), [
            'athleteId' => $athlete,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
            'cableId' => $id,
        ]);
        self::assertSame(
            [$id, 'coated-steel'],
            [$rope['cableId'], $rope['family']],
            'what it is like decides the family',
        );
        $this->send('DELETE', '/api/cables/'.$id, null, self::change(1));
        self::assertCount(6, $this->send('GET', '/api/athletes/'.$athlete.'/cables')['cables']);
        $this->send('PUT', '/api/ropes/'.self::id(), [
            'athleteId' => $athlete,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
            'cableId' => $id,
        ]);
        $this->assertProblem('cableId');
        $this->send('POST', '/api/cables/'.$id.'/restore', null, self::change(2));
        self::assertCount(7, $this->send('GET', '/api/athletes/'.$athlete.'/cables')['cables']);
    }

    /** @param array<string, mixed> $with */
    #[DataProvider('badCables')]
    public function testABadReadingIsNamed(array $with, string $field): void
    {
        $this->signInto();
        $this->send('PUT', '/api/cables/'.self::id(), $with + self::BLUE);
        $this->assertProblem($field);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function badCables(): iterable
    {
        yield 'nothing on the scale' => [['grams' => 0], 'grams'];
        yield 'kilograms typed for grams' => [['grams' => 0.0244], 'grams'];
        yield 'a feather' => [['grams' => 2], 'grams'];
        yield 'a hawser' => [['diameterMm' => 300], 'diameterMm'];
        yield 'no length' => [['piece' => '0'], 'piece'];
        yield 'no name' => [['name' => ''], 'name'];
    }
}
