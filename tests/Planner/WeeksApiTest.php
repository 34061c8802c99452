<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Planner;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Tests\ApiTestCase;

final class WeeksApiTest extends ApiTestCase
{
    public function testFourWeeksWithDaysGatesAndHomework(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $weeks = $this->send('GET', "/api/athletes/$id/weeks");
        self::assertCount(4, $weeks['row']['weeks']);
        self::assertTrue($weeks['row']['weeks'][3]['easier']);
        self::assertSame('plan.gate_too_few', $weeks['forecast']['code'], 'honest about how little is known');
        self::assertNull($weeks['row']['acceptedBy']);
        if (null !== $weeks['homework']) {
            self::assertSame(60 * $weeks['homework']['minutes'], array_sum(array_column($weeks['homework']['blocks'], 'seconds')));
        }
    }

    public function testWhatChangedSinceTheyWereAcceptedIsToldBesideThem(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $this->send('PUT', '/api/weeks/'.self::id(), ['athleteId' => $id]);
        $this->assertStatus(200);
        $accepted = $this->send('GET', "/api/athletes/$id/weeks");
        self::assertSame([[], 'Some Coach'], [$accepted['row']['changes'], $accepted['row']['acceptedBy']]);
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $id, 'caution' => 'pain', 'place' => 'shin', 'degree' => 5]);
        $hurt = $this->send('GET', "/api/athletes/$id/weeks");
        self::assertSame(['plan.change_no_jump'], array_column($hurt['row']['changes'], 'code'));
        self::assertSame(0, $hurt['row']['weeks'][0]['contactsMost']);
        self::assertGreaterThan(0, $hurt['acceptedWeeks'][0]['contactsMost'], 'what was accepted stands beside it');
        foreach ($hurt['row']['weeks'] as $week) {
            self::assertSame([], array_intersect(['class', 'home'], array_column($week['days'], 'kind')));
        }
        $this->send('PUT', '/api/weeks/'.self::id(), ['athleteId' => $id]);
        self::assertSame([], $this->send('GET', "/api/athletes/$id/weeks")['row']['changes'], 'accepted anew');
    }

    public function testAWeekThatWasMissedChangesTheNextOnesAndSaysWhy(): void
    {
        $gym = $this->signInto();
        $id = $this->newAthlete();
        $this->send('PUT', '/api/weeks/'.self::id(), ['athleteId' => $id]);
        // Two weeks ago they were accepted; nothing was logged since.
        self::connection()->executeStatement(
            'UPDATE accepted_weeks SET from_day = DATE_SUB(from_day, INTERVAL 14 DAY) WHERE gym_id = ?',
            [$gym->toBinary()],
        );
        self::connection()->executeStatement(
            'UPDATE athlete SET created_at = DATE_SUB(NOW(), INTERVAL 40 DAY) WHERE id = ?',
            [Uuid::fromString($id)->toBinary()],
        );
        $this->logged($gym, $id);
        $changes = $this->send('GET', "/api/athletes/$id/weeks")['row']['changes'];
        self::assertContains('plan.change_less', array_column($changes, 'code'));
        $title = $this->send('GET', '/api/weeks')['title']['sentence'];
        self::assertStringContainsString('one of them has changed', str_replace('1 of them', 'one of them', $title));
    }

    public function testWhatIfSheCameOnceAWeek(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        self::assertSame(1, $this->send('GET', "/api/athletes/$id/weeks?perWeek=1")['perWeek']);
        $this->send('GET', "/api/athletes/$id/weeks?perWeek=9");
        $this->assertProblem('perWeek');
    }

    public function testTheWholeClassAsksTheDatabaseAsOftenAsOne(): void
    {
        $this->signInto();
        $this->newAthlete();
        $one = $this->queriesOf('/api/weeks');
        for ($i = 0; $i < 6; ++$i) {
            $this->newAthlete();
        }
        self::assertSame($one, $this->queriesOf('/api/weeks'));
    }

    /** A little, three weeks ago: since then there are weeks. */
    private function logged(Uuid $gym, string $athlete): void
    {
        $this->send('PUT', '/api/attempts/'.self::id(), [
            'athleteId' => $athlete,
            'drill' => 'twenty-tall',
            'kind' => 'streak',
            'reps' => 12,
            'end' => 'miss',
            'at' => gmdate('Y-m-d\TH:i:s\Z', time() - 21 * 86_400),
        ]);
        $this->assertStatus(201);
        self::recount($gym);
    }
}
