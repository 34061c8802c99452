<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Path;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;

/**
 * The drill library, and what a gym makes of it.
 */
final class DrillsApiTest extends ApiTestCase
{
    public function testTheLibraryTellsAllThatACoachReads(): void
    {
        $this->signInto(role: Role::Helper);
        $drills = $this->send('GET', '/api/drills');
        self::assertGreaterThanOrEqual(80, \count($drills));
        $one = array_column($drills, null, 'code')['toe-taps'];
        self::assertSame([['a step'], 0.0, null], [$one['needs'], $one['contactsPerMin'], $one['ownId']]);
        self::assertContains('shin', array_map(strtolower(...), $one['loads']));
    }

    /** On a day without jumps, and with a sore wrist, the library of an athlete holds what is left to them. */
    public function testItObeysWhatAnAthleteMayDoToday(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $codes = fn (): array => array_column($this->send('GET', '/api/drills?athleteId='.$athlete), 'code');
        self::assertContains('hop-in-place', $codes());
        $this->send('PUT', '/api/cautions/'.self::id(), [
            'athleteId' => $athlete, 'caution' => 'pain', 'place' => 'wrist', 'degree' => 4,
        ]);
        $this->assertStatus(201);
        self::assertContains('toe-taps', $codes());
        self::assertNotContains('hop-in-place', $codes());
        self::assertNotContains('side-turns', $codes(), 'it loads the wrist');
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $athlete, 'caution' => 'dizziness']);
        $this->assertStatus(201);
        self::assertSame([], $codes());
    }

    public function testAGymAddsCopiesHidesAndHasTheLibrarysAgain(): void
    {
        $gym = $this->signInto();
        $athlete = $this->newAthlete();
        $this->send('PATCH', "/api/athletes/$athlete/stage", ['stage' => 'mix'], self::change(1));
        $titles = function () use ($athlete): array {
            $today = $this->send('GET', "/api/athletes/$athlete/today");

            return array_column([$today['drill'], ...$today['others']], 'title');
        };
        self::assertContains('Two singles, one double', $titles());
        $own = self::id();
        $input = ['title' => 'Harbour mix', 'stage' => 'mix', 'notation' => '4s d', 'countKind' => 'hold', 'aim' => 30];
        $this->send('PUT', '/api/drills/'.$own, $input);
        $this->assertStatus(201);
        self::assertContains('Harbour mix', $titles());
        self::assertSame('Harbour mix', $this->send('GET', '/api/drills')[0]['title'], 'the gym’s own first');
        $this->send('PUT', '/api/attempts/'.self::id(), [
            'athleteId' => $athlete, 'drill' => 'own-drill', 'kind' => 'hold', 'reps' => 30, 'misses' => 0,
        ]);
        $this->assertStatus(201);
        self::assertSame(0, $this->send('GET', "/api/athletes/$athlete/today")['gate']['entries'], 'says nothing of the gate');
        $copy = self::id();
        $words = ['title' => 'Two and one, our way', 'stage' => 'mix', 'notation' => '2s d', 'replaces' => 'two-and-one'];
        $this->send('PUT', '/api/drills/'.$copy, $words);
        $this->assertStatus(201);
        self::assertContains('Two and one, our way', $titles());
        $this->send('PUT', '/api/drills/'.self::id(), $words);
        $this->assertProblem('replaces');
        $this->send('PATCH', '/api/drills/'.$copy, ['hidden' => true] + $words, self::change(1));
        self::assertNotContains('Two and one, our way', $titles());
        self::assertTrue(array_column($this->send('GET', '/api/drills'), 'hidden', 'code')['two-and-one']);
        $this->send('DELETE', '/api/drills/'.$copy, null, self::change(2));
        self::assertContains('Two singles, one double', $titles(), 'the library’s again');
        $this->send('POST', '/api/drills/'.$copy.'/restore', null, self::change(3));
        self::assertNotContains('Two singles, one double', $titles());
        foreach ([['notation' => '3x'], ['replaces' => 'moonwalk'], ['hidden' => true], ['title' => ' ']] as $wrong) {
            $this->send('PUT', '/api/drills/'.self::id(), $wrong + $input);
            $this->assertProblem((string) array_key_first($wrong));
        }
        $this->signInto($gym, Role::Helper);
        $this->send('PUT', '/api/drills/'.self::id(), $input);
        $this->assertStatus(403);
    }
}
