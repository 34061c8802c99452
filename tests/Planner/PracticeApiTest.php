<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Planner;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;

final class PracticeApiTest extends ApiTestCase
{
    public function testAPracticeIsProposedBeforeAnybodyAsks(): void
    {
        $this->signInto();
        $this->newAthlete();
        $plan = $this->send('GET', '/api/practice');
        self::assertNull($plan['id']);
        self::assertSame('20 minutes for 1 person: 3 things to show', $plan['title']['sentence']);
        self::assertSame(['warm-up', 'focus', 'main', 'finish', 'cool-down'], array_column($plan['parts'], 'part'));
        self::assertSame(1200, array_sum(array_column($plan['parts'], 'seconds')));
        foreach ($plan['parts'] as $part) {
            self::assertNotSame('', $part['groups'][0]['whys'][0]['why']['sentence'], 'every block names its rule');
        }
    }

    public function testOneAthleteHasAPracticeOfTheirOwnThatChangesNothingInTheHall(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $this->newAthlete();
        $before = $this->send('GET', '/api/practice');
        $plan = $this->send('GET', "/api/athletes/$athlete/practice?minutes=8");
        self::assertSame([$athlete], array_column($plan['people'], 'id'));
        self::assertSame(480, array_sum(array_column($plan['parts'], 'seconds')));
        self::assertSame($plan, $this->send('GET', "/api/athletes/$athlete/practice?minutes=8"), 'the same seed, the same plan');
        self::assertSame($before, $this->send('GET', '/api/practice'));
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $athlete, 'caution' => 'pain', 'place' => 'shin', 'degree' => 5]);
        self::assertSame(0, $this->send('GET', "/api/athletes/$athlete/practice")['people'][0]['contacts']);
        $this->send('GET', "/api/athletes/$athlete/practice?minutes=0");
        self::assertResponseStatusCodeSame(422);
    }

    public function testWhatIsPlannedIsWhatTheHallShows(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $plan = $this->kept(20);
        $main = self::part($plan, 'main')['groups'][0];
        $pinned = $this->changed($plan, ['pin' => ['athletes' => [$athlete], 'part' => 'main', 'code' => 'five-and-one']]);
        $group = self::part($pinned, 'main')['groups'][0];
        self::assertSame(['five-and-one', 'pin', 'You chose it'], [$group['code'], $group['rule'], $group['whys'][0]['why']['sentence']]);
        self::assertNotSame($main['code'], $group['code']);
        self::assertSame('five-and-one', $this->send('GET', '/api/class')['athletes'][0]['drill']['code']);
        $today = $this->send('GET', "/api/athletes/$athlete/today");
        self::assertSame('five-and-one', $today['drill']['code']);
        self::assertStringContainsString('planned for tonight', $today['reason']['sentence']);
    }

    public function testACautionTakesTheJumpsOutOfAPlanThatStands(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $plan = $this->kept(20);
        self::assertGreaterThan(0, $plan['people'][0]['contacts']);
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $athlete, 'caution' => 'pain', 'place' => 'shin', 'degree' => 5]);
        $after = $this->send('GET', '/api/practice');
        self::assertSame(0, $after['people'][0]['contacts']);
        self::assertSame('no-jump', self::part($after, 'main')['groups'][0]['rule']);
        self::assertSame('plan.no_jump', $after['people'][0]['notes'][0]['code']);
        self::assertNull($this->send('GET', '/api/class')['athletes'][0]['drill']);
    }

    public function testClearedAgainPlanAndHallShowTheSameJumps(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $caution = self::id();
        $this->send('PUT', '/api/cautions/'.$caution, ['athleteId' => $athlete, 'caution' => 'pain', 'place' => 'shin', 'degree' => 5]);
        self::assertSame('no-jump', self::part($this->kept(20), 'main')['groups'][0]['rule']);
        $this->send('POST', '/api/cautions/'.$caution.'/clear', ['note' => 'no pain in a week'], self::change(1));
        $this->assertStatus(200);
        $main = self::part($this->send('GET', '/api/practice'), 'main')['groups'][0];
        self::assertNotSame('no-jump', $main['rule']);
        self::assertSame($main['code'], $this->send('GET', '/api/class')['athletes'][0]['drill']['code']);
    }

    public function testAnotherOneAPinMinutesAndAStepBack(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $plan = $this->kept(20);
        $focus = self::part($plan, 'focus')['groups'][0]['code'];
        $other = $this->changed($plan, ['another' => ['athletes' => [$athlete], 'part' => 'focus']]);
        self::assertNotSame($focus, self::part($other, 'focus')['groups'][0]['code']);
        self::assertSame(self::part($plan, 'main')['groups'][0]['code'], self::part($other, 'main')['groups'][0]['code'], 'the rest stays');
        $longer = $this->changed($other, ['minutes' => 30, 'parts' => [['part' => 'warm-up', 'seconds' => 420]]]);
        self::assertSame([1800, 420], [array_sum(array_column($longer['parts'], 'seconds')), self::part($longer, 'warm-up')['seconds']]);
        self::assertTrue(self::part($longer, 'warm-up')['set']);
        $back = $this->changed($this->changed($longer, ['undo' => true]), ['undo' => true]);
        self::assertSame([20, $focus], [$back['minutes'], self::part($back, 'focus')['groups'][0]['code']]);
        self::assertFalse($back['canUndo']);
    }

    public function testWhatCantBeDoneIsSaid(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $plan = $this->kept(10);
        $pin = static fn (string $part, string $code): array => ['pin' => ['athletes' => [$athlete], 'part' => $part, 'code' => $code]];
        $this->send('PATCH', '/api/practice/'.$plan['id'], $pin('main', 'somersaults'), self::change($plan['version']));
        $this->assertProblem('pin.code');
        $this->send('PATCH', '/api/practice/'.$plan['id'], $pin('warm-up', 'hundred'), self::change($plan['version']));
        $this->assertProblem('pin.part');
        $parts = ['parts' => [['part' => 'warm-up', 'seconds' => 595]]];
        $this->send('PATCH', '/api/practice/'.$plan['id'], $parts, self::change($plan['version']));
        $this->assertProblem('parts');
        self::assertSame('plan.short_class', $plan['notes'][0]['code'], 'ten minutes are short, and it says so');
        $none = $this->changed($plan, ['minutes' => 2]);
        self::assertSame([[], 'plan.too_short'], [$none['parts'], $none['title']['code']]);
    }

    public function testTwoCoachesDoNotOverwriteEachOther(): void
    {
        $gym = $this->signInto();
        $this->newAthlete();
        $plan = $this->kept(20);
        $this->changed($plan, ['minutes' => 25]);
        $this->signInto($gym, Role::Coach, 'Second Coach');
        $this->send('PATCH', '/api/practice/'.$plan['id'], ['minutes' => 15], self::change($plan['version']));
        $this->assertStatus(409);
        $this->signInto($gym, Role::Helper, 'A Helper');
        self::assertSame(25, $this->send('GET', '/api/practice')['minutes']);
    }

    public function testItRunsOnTheClockOfTheClass(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $plan = $this->kept(20);
        self::assertSame([$athlete], $plan['programmes'][0]['athletes']);
        $this->send('PUT', '/api/class-clock/'.self::id(), [
            'programmes' => $plan['programmes'],
            'linkSecret' => 'abcdefghijklmnopqrstuv',
        ]);
        $this->assertStatus(201);
        $clock = $this->send('GET', '/api/class-clock')['clock'];
        self::assertSame(1200, $clock['programmes'][0]['totalS'], 'as long as it was planned');
    }

    public function testWhatACoachChangesAgainAndAgainIsOfferedAsAHabit(): void
    {
        $gym = $this->signInto();
        $this->newAthlete();
        for ($ago = 3; $ago >= 1; --$ago) {
            $plan = $this->kept(30);
            $this->changed($plan, ['parts' => [['part' => 'warm-up', 'seconds' => 180]]]);
            self::connection()->executeStatement(
                'UPDATE planned_practice SET local_day = DATE_SUB(local_day, INTERVAL ? DAY) WHERE gym_id = ? AND id = ?',
                [7 * $ago, $gym->toBinary(), Uuid::fromString($plan['id'])->toBinary()],
            );
        }
        $tonight = $this->kept(30);
        self::assertSame(360, self::part($tonight, 'warm-up')['seconds'], 'one says so first');
        [$habit] = $tonight['habits'];
        self::assertSame(['warm-up', 180], [$habit['part'], $habit['seconds']]);
        $parts = [['part' => $habit['part'], 'seconds' => $habit['seconds']]];
        $so = $this->changed($tonight, ['parts' => $parts, 'habit' => $habit['part']]);
        self::assertSame([[], 180], [$so['habits'], self::part($so, 'warm-up')['seconds']]);
        self::connection()->executeStatement(
            'UPDATE planned_practice SET local_day = DATE_SUB(local_day, INTERVAL 1 DAY) WHERE gym_id = ? AND id = ?',
            [$gym->toBinary(), Uuid::fromString($so['id'])->toBinary()],
        );
        self::assertSame(180, self::part($this->send('GET', '/api/practice'), 'warm-up')['seconds'], 'from then on it is so');
    }

    public function testDroppedTheTurnHoldsAgain(): void
    {
        $this->signInto();
        $this->newAthlete();
        $before = $this->send('GET', '/api/class')['athletes'][0]['drill']['code'];
        $plan = $this->kept(20);
        $this->send('DELETE', '/api/practice/'.$plan['id'], null, self::change($plan['version']));
        $this->assertStatus(200);
        self::assertNull($this->send('GET', '/api/practice')['id']);
        self::assertSame($before, $this->send('GET', '/api/class')['athletes'][0]['drill']['code']);
    }

    public function testAClassOfEightAsksTheDatabaseAsOftenAsOneOfTwo(): void
    {
        $this->signInto();
        $this->newAthlete();
        $this->newAthlete();
        $few = $this->queriesOf('/api/practice');
        for ($i = 0; $i < 6; ++$i) {
            $this->newAthlete();
        }
        self::assertSame($few, $this->queriesOf('/api/practice'));
    }

    /**
     * @return array<string, mixed>
     */
    private function kept(int $minutes): array
    {
        $plan = $this->send('PUT', '/api/practice/'.self::id(), ['minutes' => $minutes]);
        $this->assertStatus(201);

        return $plan;
    }

    /**
     * @param array<string, mixed> $plan
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function changed(array $plan, array $change): array
    {
        $changed = $this->send('PATCH', '/api/practice/'.$plan['id'], $change, self::change($plan['version']));
        $this->assertStatus(200);

        return $changed;
    }

    /**
     * @param array<string, mixed> $plan
     *
     * @return array<string, mixed>
     */
    private static function part(array $plan, string $part): array
    {
        foreach ($plan['parts'] as $one) {
            if ($one['part'] === $part) {
                return $one;
            }
        }
        self::fail('no '.$part);
    }
}
