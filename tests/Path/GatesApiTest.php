<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Path;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;

/**
 * Gates are set, moved and waived by coaches, with a reason that stays.
 */
final class GatesApiTest extends ApiTestCase
{
    public function testAGateIsWaivedWithAReasonThatStaysInTheHistory(): void
    {
        $gym = $this->signInto(role: Role::Coach, name: 'Ewan Sallow');
        $athlete = $this->newAthlete();
        $stage = $this->send('GET', "/api/athletes/$athlete/path")['stage'];
        $id = self::id();
        $waived = ['stage' => $stage, 'deed' => 'waived', 'reason' => ' came from another gym ', 'athleteId' => $athlete];
        $decision = $this->send('PUT', '/api/gates/'.$id, $waived);
        $this->assertStatus(201);
        self::assertSame(['came from another gym', 'Ewan Sallow'], [$decision['reason'], $decision['by']]);
        $this->send('PUT', '/api/gates/'.$id, $waived);
        $this->assertStatus(200);
        $gate = $this->send('GET', "/api/athletes/$athlete/today")['gate'];
        self::assertSame(['open', true], [$gate['verdict'], $gate['open']]);
        self::assertStringStartsWith('Not asked here: came from another gym.', $gate['next']['sentence']);
        $this->send('PUT', '/api/gates/'.self::id(), ['deed' => 'usual', 'reason' => 'asked again'] + $waived);
        self::assertSame('not-yet', $this->send('GET', "/api/athletes/$athlete/today")['gate']['verdict']);
        $history = $this->send('GET', "/api/athletes/$athlete/path")['decisions'];
        self::assertSame(['asked again', 'came from another gym'], array_column($history, 'reason'), 'both stay');
        foreach (['', '  ', str_repeat('x', 201)] as $wrong) {
            $this->send('PUT', '/api/gates/'.self::id(), ['reason' => $wrong] + $waived);
            $this->assertProblem('reason');
        }
        $this->signInto($gym, Role::Helper);
        $this->send('PUT', '/api/gates/'.self::id(), $waived);
        $this->assertStatus(403);
    }

    public function testAGateIsMovedForOneAndForTheGym(): void
    {
        $this->signInto();
        [$one, $other] = [$this->newAthlete(), $this->newAthlete()];
        foreach ([$one, $other] as $athlete) {
            $this->send('PATCH', "/api/athletes/$athlete/stage", ['stage' => 'singles'], self::change(1));
        }
        $asks = fn (string $athlete): int => $this->send('GET', "/api/athletes/$athlete/today")['gate']['count'];
        self::assertSame([100, 100], [$asks($one), $asks($other)]);
        $decide = fn (array $what): array => $this->send('PUT', '/api/gates/'.self::id(), [
            'stage' => 'singles', 'deed' => 'set', 'reason' => 'our way',
        ] + $what);
        $decide(['choice' => 'minute']);
        $this->assertStatus(201);
        self::assertSame([60, 60], [$asks($one), $asks($other)], 'a minute, of everybody');
        $mine = $decide(['count' => 70, 'athleteId' => $one]);
        self::assertSame([70, 60], [$asks($one), $asks($other)]);
        $this->send('DELETE', '/api/gates/'.$mine['id'], null, self::change(1));
        self::assertSame([60, 60], [$asks($one), $asks($other)], 'taken back');
        $this->send('POST', '/api/gates/'.$mine['id'].'/restore', null, self::change(2));
        self::assertSame([70, 60], [$asks($one), $asks($other)]);
        $this->send('PUT', '/api/gates/'.self::id(), [
            'stage' => 'singles', 'deed' => 'usual', 'reason' => 'as everybody', 'athleteId' => $one,
        ]);
        self::assertSame([60, 60], [$asks($one), $asks($other)], 'what the gym asks, not what is usual elsewhere');
        $gym = $this->send('GET', '/api/gates');
        self::assertSame(['our way'], array_column($gym['decisions'], 'reason'), 'of the whole gym only');
        foreach ([['stage' => 'link', 'choice' => 'minute'], ['stage' => 'snap', 'count' => 11], ['stage' => 'workout']] as $wrong) {
            $this->send('PUT', '/api/gates/'.self::id(), $wrong + ['stage' => 'singles', 'deed' => 'set', 'reason' => 'x']);
            $this->assertProblem('count');
        }
        $this->send('PUT', '/api/gates/'.self::id(), ['stage' => 'link', 'deed' => 'set', 'reason' => 'x', 'athleteId' => self::id()]);
        $this->assertProblem('athleteId');
    }

    /** A minute without a miss is counted in seconds: the log of holds opens it, the streaks don't. */
    public function testWhatIsAskedIsWhatIsRead(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $this->send('PATCH', "/api/athletes/$athlete/stage", ['stage' => 'singles'], self::change(1));
        $this->send('PUT', '/api/gates/'.self::id(), ['stage' => 'singles', 'deed' => 'set', 'reason' => 'ours', 'choice' => 'minute']);
        for ($i = 0; $i < 6; ++$i) {
            $this->send('PUT', '/api/attempts/'.self::id(), [
                'athleteId' => $athlete, 'drill' => 'one-minute', 'kind' => 'hold', 'reps' => 600, 'misses' => 0,
            ]);
            $this->assertStatus(201);
        }
        $gate = $this->send('GET', "/api/athletes/$athlete/today")['gate'];
        self::assertSame(['open', 6], [$gate['verdict'], $gate['entries']]);
        self::assertContains(60, array_column($gate['curve'], 'count'));
    }

    /** Eight of the last twelve goes stopped at twenty: nobody asked, the hall tells it. */
    public function testReadyIsToldWithoutBeingAsked(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $this->send('PATCH', "/api/athletes/$athlete/stage", ['stage' => 'join'], self::change(1));
        for ($i = 0; $i < 12; ++$i) {
            $this->send('PUT', '/api/attempts/'.self::id(), [
                'athleteId' => $athlete, 'drill' => 'ten-in-a-row', 'kind' => 'streak', 'reps' => 7, 'end' => 'stopped',
            ]);
        }
        $said = $this->send('GET', '/api/class')['athletes'][0]['news']['sentence'];
        self::assertStringStartsWith('Ready, and does not know it: stopped on purpose at 7 in 12 of the last 12 goes.', $said);
        self::assertSame($said, $this->send('GET', "/api/athletes/$athlete/today")['gate']['news']['sentence'], 'one judgement');
    }
}
