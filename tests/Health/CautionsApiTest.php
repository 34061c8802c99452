<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Health;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;

/**
 * What binds before an athlete jumps, and whose word lifts it.
 */
final class CautionsApiTest extends ApiTestCase
{
    private const STATEMENT = [
        'statedBy' => 'athlete',
        'professional' => 'the doctor at the harbour',
        'words' => 'She listened to my heart and says I may jump.',
        'myself' => true,
    ];

    public function testPainIsOffUntilTheCoachClearsItWithANote(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $pain = $this->pain($id, 'shin', 5);
        self::assertSame(['no-jump', 0], $this->jumping($id));
        self::assertStringContainsString('shin, 5 of 10', $this->judgement($id)['reasons'][0]['sentence']);
        $this->send('POST', "/api/cautions/$pain/clear", ['note' => ' '], self::change(1));
        $this->assertProblem('note');
        $cleared = $this->send('POST', "/api/cautions/$pain/clear", ['note' => 'hops without it'], self::change(1));
        $this->assertStatus(200);
        self::assertSame(
            [false, 'coach', 'Some Coach', 'hops without it'],
            [$cleared['standing'], $cleared['liftedBy'], $cleared['liftedWith'], $cleared['words']],
        );
        self::assertSame('all', $this->jumping($id)[0]);
        self::assertStringContainsString('Back after pain', $this->said($id), 'an easy return');
        $this->send('POST', "/api/cautions/$pain/clear", ['note' => 'again'], self::change(2));
        $this->assertProblem('caution');
        self::assertCount(1, $this->send('GET', "/api/athletes/$id/cautions"), 'it stays in the history');
    }

    public function testWhatLoadsTheSorePartIsNotOfferedInstead(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $this->pain($id, 'wrist', 3);
        $instead = array_column($this->judgement($id)['instead'], 'code');
        self::assertContains('toe-taps', $instead);
        self::assertNotContains('side-turns', $instead);
        $other = $this->newAthlete();
        $this->pain($other, 'achilles', 3);
        $instead = array_column($this->judgement($other)['instead'], 'code');
        self::assertContains('side-turns', $instead);
        self::assertNotContains('toe-taps', $instead);
    }

    /** Every door that offers something to jump. */
    #[DataProvider('offers')]
    public function testNothingToJumpIsOfferedMeanwhile(string $path): void
    {
        $this->signInto();
        foreach (['pain', 'dizziness', 'leakage', 'heart'] as $caution) {
            $id = $this->knowHandles($this->newAthlete());
            $this->send('GET', str_replace('{id}', $id, $path));
            $this->assertStatus(200);
            $this->note($id, $caution);
            $problem = $this->send('GET', str_replace('{id}', $id, $path));
            $this->assertStatus(409);
            self::assertSame('No jumping today', $problem['title']);
            $today = $this->send('GET', "/api/athletes/$id/today");
            self::assertSame([null, null, []], [$today['drill'], $today['focus'], $today['others']]);
            self::assertSame([false, null], [$today['gate']['open'], $today['gate']['next']], 'no "move on"');
            $class = array_column($this->send('GET', '/api/class')['athletes'], null, 'id')[$id];
            self::assertSame([null, null], [$class['drill'], $class['cueReason']]);
        }
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function offers(): iterable
    {
        yield 'a ladder' => ['/api/athletes/{id}/ladder'];
        yield 'a clock' => ['/api/athletes/{id}/intervals'];
        yield 'a pace' => ['/api/athletes/{id}/pacing'];
        yield 'a cue' => ['/api/athletes/{id}/diagnosis?signs=slap'];
        yield 'a way to jump' => ['/api/athletes/{id}/jump-explorer'];
    }

    /** All there is in the API, tried by an owner: only the statement lifts it. */
    #[DataProvider('warnings')]
    public function testOnlyTheAthletesOwnStatementLiftsAWarningSign(string $caution, string $allowed): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $noted = $this->note($id, $caution);
        foreach ($this->everythingACoachMayTry($id, $noted) as $what => [$method, $path, $body]) {
            $this->send($method, $path, $body, self::change($this->version($id, $path)));
            self::assertSame($allowed, $this->jumping($id)[0], $what);
        }
        $state = fn (array $with): array => $this->send(
            'POST',
            "/api/cautions/$noted/statement",
            $with + self::STATEMENT + ['on' => date('Y-m-d')],
            self::change(1),
        );
        foreach (['professional' => '', 'words' => ' ', 'on' => '2019-01-01', 'myself' => false] as $field => $bad) {
            $state([$field => $bad]);
            $this->assertProblem($field);
        }
        self::assertSame($allowed, $this->jumping($id)[0]);
        $stated = $state([]);
        $this->assertStatus(200);
        self::assertSame(
            ['professional', 'athlete', 'Some Coach', self::STATEMENT['words'], self::STATEMENT['professional']],
            [
                $stated['liftedBy'],
                $stated['statedBy'],
                $stated['liftedWith'],
                $stated['words'],
                $stated['professional'],
            ],
        );
        self::assertSame('all', $this->jumping($id)[0]);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function warnings(): iterable
    {
        yield 'chest pain' => ['chest-pain', 'nothing'];
        yield 'sudden calf pain' => ['calf-pain', 'nothing'];
        yield 'dizziness' => ['dizziness', 'nothing'];
        yield 'leakage' => ['leakage', 'no-jump'];
        yield 'pregnancy' => ['pregnancy', 'no-jump'];
    }

    public function testOfSomebodyUnderEighteenTheGuardianStates(): void
    {
        $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete([
            'birthYear' => (int) date('Y') - 14,
            'guardianConsent' => true,
        ]));
        $noted = $this->note($id, 'fainting');
        $body = ['on' => date('Y-m-d')] + self::STATEMENT;
        $this->send('POST', "/api/cautions/$noted/statement", $body, self::change(1));
        $this->assertProblem('statedBy');
        $this->send('POST', "/api/cautions/$noted/statement", ['statedBy' => 'guardian'] + $body, self::change(1));
        $this->assertStatus(200);
        self::assertSame('all', $this->jumping($id)[0]);
    }

    public function testSevereOrRepeatedPainIsNoLongerForTheCoachToClear(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $severe = $this->pain($id, 'knee', 7);
        self::assertSame(['nothing', 0], $this->jumping($id));
        $this->send('POST', "/api/cautions/$severe/clear", ['note' => 'better'], self::change(1));
        $this->assertProblem('caution', 'No coach clears this');
        $other = $this->newAthlete();
        foreach ([1, 2] as $time) {
            $pain = $this->pain($other, 'shin', 2);
            $this->send('POST', "/api/cautions/$pain/clear", ['note' => "gone $time"], self::change(1));
            $this->assertStatus(200);
        }
        $third = $this->pain($other, 'shin', 2);
        $this->send('POST', "/api/cautions/$third/clear", ['note' => 'gone again'], self::change(1));
        $this->assertProblem('caution');
        self::assertSame('nothing', $this->jumping($other)[0]);
    }

    public function testEasyWeeksHaveAnEndAndPainHasAPlace(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $body = ['athleteId' => $id, 'caution' => 'easy-weeks', 'until' => date('Y-m-d', (int) strtotime('+5 days'))];
        $this->send('PUT', '/api/cautions/'.self::id(), $body);
        $this->assertStatus(201);
        self::assertStringContainsString('5 more days', $this->send('GET', '/api/athletes/'.$id)['cautions'][0]['sentence']);
        self::assertStringContainsString('Easy weeks', $this->said($id));
        self::assertLessThan(700, $this->jumping($id)[1]);
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $id, 'caution' => 'pain', 'degree' => 3]);
        $this->assertProblem('place');
        $this->send('PUT', '/api/cautions/'.self::id(), ['caution' => 'heart'] + $body);
        $this->assertProblem('until');
        $this->send('PUT', '/api/cautions/'.self::id(), ['caution' => 'pain', 'place' => 'shin', 'degree' => 11] + $body);
        $this->assertProblem('degree');
    }

    public function testAHelperNotesPainAndWarningSignsAndLiftsNothing(): void
    {
        $gym = $this->signInto();
        $id = $this->newAthlete();
        $this->signInto($gym, Role::Helper);
        $pain = $this->pain($id, 'shin', 4);
        $this->note($id, 'dizziness');
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $id, 'caution' => 'pregnancy']);
        $this->assertProblem('caution');
        foreach (['clear' => ['note' => 'fine'], 'statement' => self::STATEMENT + ['on' => date('Y-m-d')]] as $what => $body) {
            $this->send('POST', "/api/cautions/$pain/$what", $body, self::change(1));
            $this->assertStatus(403);
        }
        $this->send('GET', "/api/athletes/$id/cautions");
        $this->assertStatus(403);
        foreach (["/api/athletes/$id", "/api/athletes/$id/judgement", '/api/class', "/api/athletes/$id/today"] as $path) {
            $seen = (string) json_encode($this->send('GET', $path));
            self::assertStringNotContainsStringIgnoringCase('shin', $seen, $path);
            self::assertStringNotContainsStringIgnoringCase('dizz', $seen, $path);
        }
    }

    public function testAStopByOneTouchEndsTheJumpingAndIsTakenBack(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $stop = self::id();
        $this->send('PUT', '/api/stops/'.$stop, ['athleteId' => $id, 'why' => 'temper']);
        $this->assertStatus(201);
        self::assertSame(['no-jump', 0], $this->jumping($id));
        self::assertTrue($this->judgement($id)['stopToday']);
        self::assertStringStartsWith(
            'Jumping ended for today: temper is up. The evening counts as done.',
            $this->said($id),
        );
        $this->send('DELETE', '/api/stops/'.$stop, null, self::change(1));
        $this->assertStatus(200);
        self::assertSame('all', $this->jumping($id)[0]);
    }

    /** Fourteen misses where two would be usual: stopped, and the outlook hardly moves. */
    public function testADayFullOfMissesIsStoppedAndStaysADayOfItsOwn(): void
    {
        $gym = $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['experience' => 'linked-doubles']));
        for ($day = 12; $day >= 3; $day -= 3) {
            $this->sum($id, 110, 4);
            self::connection()->executeStatement(
                'UPDATE attempt a JOIN practice_set s ON s.gym_id = a.gym_id AND s.id = a.set_id
                 JOIN practice p ON p.gym_id = s.gym_id AND p.id = s.practice_id
                 SET p.local_day = CURDATE() - INTERVAL ? DAY, a.logged_at = a.logged_at - INTERVAL ? DAY
                 WHERE a.gym_id = ? AND p.local_day >= CURDATE() - INTERVAL 1 DAY',
                [$day, $day, $gym->toBinary()],
            );
            self::recount($gym);
        }
        $before = $this->send('GET', "/api/athletes/$id/today")['gate']['chance'];
        $this->sum($id, 50, 17);
        $judged = $this->judgement($id);
        self::assertSame(['no-jump', true], [$judged['jumping'], $judged['stopToday']]);
        self::assertSame(
            'Stop jumping for today: 17 misses in 67 tries where 2 would be usual. The evening counts as done.',
            $judged['reasons'][0]['sentence'],
        );
        self::assertNotSame([], $judged['instead']);
        $after = $this->send('GET', "/api/athletes/$id/today")['gate']['chance'];
        self::assertLessThan($before, $after);
        self::assertGreaterThan($before - 0.065, $after, 'the outlook hardly moves');
        self::assertSame('hold', $this->send('GET', '/api/athletes/'.$id)['stage'], 'nobody steps back');
    }

    private function sum(string $id, int $reps, int $misses): void
    {
        $this->send('PUT', '/api/attempts/'.self::id(), [
            'athleteId' => $id,
            'drill' => 'big-sets',
            'kind' => 'sum',
            'reps' => $reps,
            'misses' => $misses,
        ]);
        $this->assertStatus(201);
    }

    private function pain(string $athlete, string $place, int $degree): string
    {
        $this->send('PUT', '/api/cautions/'.($id = self::id()), [
            'athleteId' => $athlete,
            'caution' => 'pain',
            'place' => $place,
            'degree' => $degree,
        ]);
        $this->assertStatus(201);

        return $id;
    }

    private function note(string $athlete, string $caution): string
    {
        if ('pain' === $caution) {
            return $this->pain($athlete, 'shin', 3);
        }
        $this->send('PUT', '/api/cautions/'.($id = self::id()), ['athleteId' => $athlete, 'caution' => $caution]);
        $this->assertStatus(201);

        return $id;
    }

    /**
     * @return iterable<string, array{string, string, array<mixed>|null}>
     */
    private function everythingACoachMayTry(string $id, string $noted): iterable
    {
        yield 'clearing it' => ['POST', "/api/cautions/$noted/clear", ['note' => 'fine again']];
        yield 'noting it milder' => ['PUT', "/api/cautions/$noted", ['athleteId' => $id, 'caution' => 'easy-weeks']];
        yield 'writing the athlete without it' => ['PATCH', "/api/athletes/$id", self::athlete(['cautions' => []])];
        yield 'moving them on' => ['PATCH', "/api/athletes/$id/stage", ['stage' => 'workout']];
        yield 'measuring' => ['PATCH', "/api/athletes/$id/measures", ['handle' => '15']];
        yield 'removing the athlete' => ['DELETE', "/api/athletes/$id", null];
        yield 'bringing them back' => ['POST', "/api/athletes/$id/restore", null];
        yield 'an hour of jumping' => ['PUT', '/api/attempts/'.self::id(), [
            'athleteId' => $id,
            'drill' => 'hundred',
            'kind' => 'streak',
            'reps' => 100,
            'end' => 'stopped',
        ]];
    }

    private function version(string $id, string $path): int
    {
        return str_contains($path, '/cautions/') ? 1 : $this->send('GET', '/api/athletes/'.$id)['version'];
    }

    /**
     * @return array{string, int}
     */
    private function jumping(string $id): array
    {
        $judged = $this->judgement($id);

        return [$judged['jumping'], $judged['contactsLeftToday']];
    }

    /**
     * @return array<mixed>
     */
    private function judgement(string $id): array
    {
        $judged = $this->send('GET', "/api/athletes/$id/judgement");
        $this->assertStatus(200);

        return $judged['allowance'];
    }

    private function said(string $id): string
    {
        return implode(' ', array_column($this->judgement($id)['reasons'], 'sentence'));
    }
}
