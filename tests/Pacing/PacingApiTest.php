<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Pacing;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Tests\ApiTestCase;

final class PacingApiTest extends ApiTestCase
{
    public function testWithoutALogThePlanRestsOnTheStage(): void
    {
        $this->signInto();
        $plan = $this->send('GET', '/api/athletes/'.$this->holder().'/pacing?text=50+doubles');
        $this->assertStatus(200);
        self::assertStringContainsString('Too few single goes are logged', $plan['source']['sentence']);
        self::assertSame('50 in one go, no planned break', $plan['plan']['sentence'], 'one chance for every rep: breaks never pay');
        self::assertCount(1, $plan['rounds']);
        self::assertLessThan($plan['expectedS'], $plan['p10S']);
        self::assertGreaterThan($plan['expectedS'], $plan['p90S']);
        self::assertSame(['full', 'first-then-singles', 'fewer', 'tries', 'singles'], array_column($plan['ways'], 'scaling'));
        self::assertCount(1, array_filter(array_column($plan['ways'], 'recommended')));
        self::assertSame([50], $plan['bend']['sets']);
    }

    /** Doubles that do not hang together are practised, not planned; and nobody earlier on the path is told to be quicker. */
    public function testBelowLinkThereAreTriesAndNoSetPlan(): void
    {
        $this->signInto();
        $learner = $this->newAthlete();
        $plan = $this->send('GET', "/api/athletes/$learner/pacing?text=50+doubles&aim=practise");
        self::assertSame([[], 'pacing.no_plan'], [$plan['rounds'], $plan['plan']['code']]);
        $ways = array_column($plan['ways'], null, 'scaling');
        self::assertTrue($ways['tries']['recommended']);
        self::assertSame(60, (int) $ways['tries']['expectedS']);
        self::assertGreaterThan(5, $ways['full']['misses']);
        self::assertLessThan($ways['full']['p90S'], $ways['full']['expectedS']);
        $holder = $this->send('GET', '/api/athletes/'.$this->holder().'/pacing?text=50+doubles');
        self::assertGreaterThan($holder['expectedS'], $plan['expectedS']);
    }

    public function testTheAthletesOwnLogMakesThePlan(): void
    {
        $this->signInto();
        $athlete = $this->holder();
        foreach ([28, 31, 33, 25, 30, 35, 29, 32, 27, 34] as $reps) {
            $this->send('PUT', '/api/attempts/'.self::id(), [
                'athleteId' => $athlete,
                'drill' => 'big-sets',
                'kind' => 'streak',
                'reps' => $reps,
                'end' => 'miss',
            ]);
            $this->assertStatus(201);
        }
        $plan = $this->send('GET', "/api/athletes/$athlete/pacing?text=3+rounds:+100+doubles&missCost=15&breakCost=3");
        self::assertStringContainsString(
            'From 10 logged goes: misses come with tiredness',
            $plan['source']['sentence'],
        );
        self::assertStringContainsString('restart each set with one single', $plan['plan']['sentence']);
        self::assertStringContainsString('Breaking pays', $plan['matter']['sentence']);
        self::assertCount(3, $plan['rounds']);
        self::assertSame(100, array_sum($plan['rounds'][0]['plan']));
        self::assertGreaterThan($plan['rounds'][0]['expectedS'], $plan['rounds'][2]['expectedS'], 'rounds tire');
        self::assertGreaterThan($plan['rounds'][0]['missAt'][0], $plan['rounds'][0]['missAt'][30], 'the chance of a miss at each rep');
        $bent = $this->send('GET', "/api/athletes/$athlete/pacing?text=3+rounds:+100+doubles&missCost=15&breakCost=3&sets=60-40")['bend'];
        self::assertSame([60, 40], $bent['sets']);
        self::assertGreaterThan($plan['bend']['expectedS'], $bent['expectedS']);
        self::assertEqualsWithDelta($bent['expectedS'], $bent['breaks'][0]['expectedS'][59], 1e-6, 'where the break is');
        self::assertSame(300, $plan['ways'][0]['doubles']);
        self::assertEqualsWithDelta(
            $plan['expectedS'],
            $plan['ways'][0]['expectedS'],
            1e-6,
            'all doubles is the plan itself',
        );
    }

    public function testContactsOfTodayBindWhatIsRecommended(): void
    {
        $this->signInto();
        $plan = $this->send('GET', '/api/athletes/'.$this->holder().'/pacing?text=20+rounds:+100+doubles&aim=race');
        self::assertFalse($plan['ways'][0]['fitsToday']);
        self::assertNotSame('full', $plan['recommended']);
        self::assertStringStartsWith('scaling.', $plan['why']['code']);
    }

    #[DataProvider('badQueries')]
    public function testABadQueryIsNamed(string $query, string $field): void
    {
        $this->signInto();
        $problem = $this->send('GET', '/api/athletes/'.$this->holder().'/pacing?'.$query);
        $this->assertStatus(422);
        self::assertSame($field, $problem['errors'][0]['field']);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function badQueries(): iterable
    {
        yield 'no workout' => ['text=50', 'text'];
        yield 'too many' => ['text=5000+doubles', 'text'];
        yield 'sets that do not add up' => ['text=50+doubles&sets=20-15', 'sets'];
        yield 'no sets' => ['text=50+doubles&sets=twenty', 'sets'];
        yield 'aim' => ['aim=win', 'aim'];
    }

    private function holder(): string
    {
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['experience' => 'linked-doubles']));

        return $id;
    }
}
