<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\RopeDesk;

use Zumbo\App\Tests\ApiTestCase;

final class TrimApiTest extends ApiTestCase
{
    public function testWithoutARopeThereIsNoPath(): void
    {
        $this->signInto();
        $trim = $this->send('GET', '/api/athletes/'.$this->newAthlete().'/trim');
        $this->assertStatus(200);
        self::assertNull($trim['rope']);
        self::assertSame(['armpit', []], [$trim['goalSchool'], $trim['steps']]);
    }

    public function testThePathGoesDownInStepsEachWithItsGate(): void
    {
        [$athlete] = $this->athleteWithRope('252');
        $trim = $this->send('GET', '/api/athletes/'.$athlete.'/trim?goal=chest&step=3%20cm');
        // 21.08 cm to go: two steps of 3 a side, and the last two share what is left.
        self::assertEqualsWithDelta([2.46, 2.4, 2.3546, 2.3092], array_column($trim['steps'], 'cableLengthM'), 1e-9);
        self::assertStringContainsString('rises by about', $trim['steps'][0]['effect']['sentence']);
        self::assertStringContainsString('three sets hold at 252 cm', $trim['steps'][0]['gate']['sentence']);
        self::assertFalse($trim['gateOpen']);
        self::assertStringContainsString('never two steps in one session', $trim['notToday']['sentence']);
        self::assertSame('tails.not_there', $trim['tails']['code']);
        foreach (['step=9' => 'step', 'goal=knee' => 'goal'] as $query => $field) {
            $this->send('GET', '/api/athletes/'.$athlete.'/trim?'.$query);
            $this->assertProblem($field);
        }
    }

    public function testOneStepASessionAndNeverMoreThanThreeCentimetresASide(): void
    {
        [$athlete, $rope] = $this->athleteWithRope('252');
        $this->send('PUT', '/api/trims/'.self::id(), ['ropeId' => $rope, 'cable' => '248']);
        $this->assertProblem('cable', 'never two steps in one session');
        $this->ageRopes(3);
        $this->send('PUT', '/api/trims/'.self::id(), ['ropeId' => $rope, 'cable' => '240']);
        $this->assertProblem('cable');
        $this->send('PUT', '/api/trims/'.self::id(), ['ropeId' => $rope, 'cable' => '252']);
        $this->assertProblem('cable');
        $this->send('PUT', '/api/trims/'.self::id(), ['ropeId' => self::id(), 'cable' => '248']);
        $this->assertProblem('ropeId');
        $trimmed = $this->send('PUT', '/api/trims/'.($id = self::id()), ['ropeId' => $rope, 'cable' => '248']);
        $this->assertStatus(201);
        self::assertSame([2.48, 'trimmed from 252 cm'], [$trimmed['cableLengthM'], $trimmed['overrideReason']]);
        $this->send('PUT', '/api/trims/'.$id, ['ropeId' => $rope, 'cable' => '248']);
        $this->assertStatus(200);
        $trim = $this->send('GET', '/api/athletes/'.$athlete.'/trim');
        self::assertSame([2.52, 2.48], array_column($trim['history'], 'cableLengthM'));
        self::assertSame('wait', $trim['outcome']);
        $this->send('PUT', '/api/trims/'.self::id(), ['ropeId' => $rope, 'cable' => '246']);
        $this->assertProblem('ropeId');
        $this->send('PUT', '/api/trims/'.self::id(), ['ropeId' => $id, 'cable' => '252']);
        $this->assertStatus(201);
    }

    public function testTheLogSaysWhetherTheTrimHelped(): void
    {
        [$athlete, $rope] = $this->athleteWithRope('252');
        $this->ageRopes(9);
        $this->log($athlete, 12, 20, 1);
        $this->ageAttempts(5);
        $this->send('PUT', '/api/trims/'.self::id(), ['ropeId' => $rope, 'cable' => '248']);
        $this->ageRopes(2, '2.48');
        $this->log($athlete, 4, 20, 1);
        $trim = $this->send('GET', '/api/athletes/'.$athlete.'/trim');
        self::assertSame('cannot-tell', $trim['outcome']);
        self::assertMatchesRegularExpression(
            '/^Cannot tell yet: .* between -\d.* and \d.* To see even a doubling takes roughly \d+ tries on each length\.$/',
            $trim['outcomeReason']['sentence'],
        );
        $this->log($athlete, 10, 20, 4);
        self::assertSame('let-out', $this->send('GET', '/api/athletes/'.$athlete.'/trim')['outcome']);
        $this->log($athlete, 3, 20, 0);
        self::assertTrue($this->send('GET', '/api/athletes/'.$athlete.'/trim')['gateOpen']);
    }

    public function testTailsAreCutOnlyWhenTheLengthIsSettledAndThenNothingIsLetOut(): void
    {
        [$athlete, $rope] = $this->athleteWithRope('244');
        $this->send('DELETE', '/api/ropes/'.$rope.'/tails', null, self::change(1));
        $this->assertProblem('tails', 'Do not cut yet');
        $this->ageRopes(20);
        foreach ([9, 6, 3] as $days) {
            $this->log($athlete, 2, 20, 0);
            $this->ageAttempts($days, 'logged_at > NOW() - INTERVAL 1 DAY');
        }
        self::assertTrue($this->send('GET', '/api/athletes/'.$athlete.'/trim')['mayCutTails']);
        $cut = $this->send('DELETE', '/api/ropes/'.$rope.'/tails', null, self::change(1));
        $this->assertStatus(200);
        self::assertNotNull($cut['tailsCutOn']);
        self::assertFalse($this->send('GET', '/api/athletes/'.$athlete.'/trim')['mayCutTails']);
        $this->send('DELETE', '/api/ropes/'.$rope.'/tails', null, self::change(2));
        $this->assertProblem('tails');
        $this->send('PUT', '/api/trims/'.self::id(), ['ropeId' => $rope, 'cable' => '248']);
        $this->assertProblem('cable');
        $this->send('POST', '/api/ropes/'.$rope.'/tails/restore', null, self::change(2));
        $this->assertStatus(200);
        $this->send('PUT', '/api/trims/'.self::id(), ['ropeId' => $rope, 'cable' => '248']);
        $this->assertStatus(201);
    }

    /** What was trimmed is another length: the scissors belong to the rope in use. */
    public function testOnlyTheRopeInUseHasTailsToCut(): void
    {
        [, $rope] = $this->athleteWithRope('233');
        $this->ageRopes(9);
        $this->send('PUT', '/api/trims/'.self::id(), ['ropeId' => $rope, 'cable' => '231']);
        $this->assertStatus(201);
        $this->send('DELETE', '/api/ropes/'.$rope.'/tails', null, self::change(1));
        $this->assertProblem('ropeId');
    }

    /**
     * @return array{string, string} athlete and rope
     */
    private function athleteWithRope(string $cable): array
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $rope = self::id();
        $this->send('PUT', '/api/ropes/'.$rope, [
            'athleteId' => $athlete,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
            'cable' => $cable,
            'overrideReason' => 'as it hangs',
        ]);
        $this->assertStatus(201);

        return [$athlete, $rope];
    }

    private function ageRopes(int $days, string $cable = '%'): void
    {
        self::connection()->executeStatement(
            'UPDATE rope SET created_at = created_at - INTERVAL ? DAY WHERE cable_length_m LIKE ?
             AND gym_id = (SELECT gym_id FROM coach ORDER BY id DESC LIMIT 1)',
            [$days, $cable],
        );
    }

    private function ageAttempts(int $days, string $where = '1'): void
    {
        self::connection()->executeStatement(
            "UPDATE attempt SET logged_at = logged_at - INTERVAL ? DAY WHERE $where
             AND gym_id = (SELECT gym_id FROM coach ORDER BY id DESC LIMIT 1)",
            [$days],
        );
    }

    private function log(string $athlete, int $times, int $reps, int $misses): void
    {
        for ($i = 0; $i < $times; ++$i) {
            $this->send('PUT', '/api/attempts/'.self::id(), [
                'athleteId' => $athlete,
                'drill' => 'fifty-calm',
                'kind' => 'sum',
                'reps' => $reps,
                'misses' => $misses,
            ]);
            $this->assertStatus(201);
        }
    }
}
