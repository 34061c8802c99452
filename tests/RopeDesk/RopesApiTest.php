<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\RopeDesk;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Tests\ApiTestCase;

final class RopesApiTest extends ApiTestCase
{
    public function testSizingGivesAllSchoolsTheRecommendationAndWhy(): void
    {
        $this->signInto();
        $sizing = $this->send('GET', '/api/athletes/'.$this->newAthlete().'/sizing?handle=15');
        $this->assertStatus(200);
        self::assertSame('armpit', $sizing['recommended']);
        self::assertSame('armpit', $sizing['chosen']);
        self::assertSame(
            ['below-chest', 'height', 'chest', 'armpit', 'breastbone', 'shoulder'],
            array_column($sizing['schools'], 'school'),
        );
        self::assertStringContainsString(
            'Cable 244 cm: armpit school, both feet, handle ends',
            $sizing['reasons'][0]['sentence'],
        );
        self::assertSame('thick-cord', $sizing['cable']['family']);
        self::assertEqualsWithDelta(2.4436, $sizing['turning']['cableLengthM'], 1e-9);
        self::assertCount(61, $sizing['turning']['arc']['under']);
        self::assertSame(0.0, $sizing['turning']['arc']['under'][30]['yM'] + 0.0, 'the floor holds it up');
        self::assertEqualsWithDelta(0.05, $sizing['turning']['riseM'], 0.01);
    }

    public function testWhoseHandlesNobodyKnowsIsOrderedByOverallLength(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $sizing = $this->send('GET', '/api/athletes/'.$id.'/sizing');
        self::assertNull($sizing['handleLengthM']);
        self::assertNull($sizing['turning'], 'no arc of a cable that nobody knows');
        self::assertNull($sizing['goalCableM']);
        $armpit = $sizing['schools'][array_search('armpit', array_column($sizing['schools'], 'school'), true)];
        self::assertNull($armpit['cableLengthM']);
        self::assertEqualsWithDelta(2 * 0.76 * 1.68 + 0.19, $armpit['overallLengthM'], 1e-9);
        self::assertSame('ask-handles', $sizing['verdict']['next']);
        self::assertStringContainsString('274 cm overall', $sizing['reasons'][0]['sentence']);
        $this->send('PATCH', "/api/athletes/$id/measures", ['handle' => '17'], self::change(1));
        $this->assertStatus(200);
        $known = $this->send('GET', '/api/athletes/'.$id.'/sizing');
        self::assertEqualsWithDelta(2 * 0.76 * 1.68 + 0.19 - 0.34, $known['goalCableM'], 1e-9);
        self::assertSame(['buy', 0.17], [$known['verdict']['next'], $known['handleLengthM']]);
    }

    /** A length set by hand: not where the school's ends must be, but where these are. */
    public function testALengthSetByHandSaysWhereItReaches(): void
    {
        $this->signInto();
        $path = '/api/athletes/'.$this->knowHandles($this->newAthlete()).'/sizing';
        self::assertStringContainsString('must reach the armpit', $this->send('GET', $path)['reach']['sentence']);
        $long = $this->send('GET', $path.'?cable=260');
        self::assertSame('The handle ends reach 136 cm: top of the shoulder.', $long['reach']['sentence']);
    }

    public function testTheArcIsTheCores(): void
    {
        $this->signInto();
        $turning = $this->send('GET', '/api/athletes/'.$this->newAthlete().'/sizing?cable=240%20cm')['turning'];
        self::assertEqualsWithDelta(1.05651, $turning['arc']['depthM'], 1e-5);
        self::assertEqualsWithDelta(0.55 * 1.68 - 1.05651, $turning['floorClearanceM'], 1e-5);
        self::assertEqualsWithDelta(0.55 * 1.68 + 1.05651 - 1.68, $turning['headClearanceM'], 1e-5);
        self::assertEqualsWithDelta(0.55 * 1.68 + 1.05651 + 0.15 + 0.1, $turning['ceilingM'], 1e-5);
    }

    public function testSchoolStanceAndHandleMayBeChosen(): void
    {
        $this->signInto();
        $sizing = $this->send(
            'GET',
            '/api/athletes/'.$this->newAthlete().'/sizing?school=chest&stance=pinned&handle=12',
        );
        $chest = $sizing['schools'][array_search('chest', array_column($sizing['schools'], 'school'), true)];
        self::assertSame('chest', $sizing['chosen']);
        self::assertEqualsWithDelta(2 * 0.72 * 1.68 - 0.24, $chest['cableLengthM'], 1e-9);
        self::assertSame('pinned under one arch', $chest['stanceName']);
    }

    public function testSentencesComeInTheGymsUnit(): void
    {
        $this->signInto($this->newGym('ft-in'));
        $sizing = $this->send('GET', '/api/athletes/'.$this->newAthlete().'/sizing');
        self::assertStringContainsString('order it 9\'0" overall', $sizing['reasons'][0]['sentence']);
    }

    #[DataProvider('badQueries')]
    public function testABadQueryIsNamed(string $query, string $field): void
    {
        $this->signInto();
        $problem = $this->send('GET', '/api/athletes/'.$this->newAthlete().'/sizing?'.$query);
        $this->assertStatus(422);
        self::assertSame($field, $problem['errors'][0]['field']);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function badQueries(): iterable
    {
        yield 'school' => ['school=knee', 'school'];
        yield 'stance' => ['stance=headstand', 'stance'];
        yield 'handle' => ['handle=90', 'handle'];
        yield 'cable' => ['cable=0', 'cable'];
        yield 'list' => ['cable[]=240', 'cable'];
        yield 'unknown' => ['colour=red', 'colour'];
    }

    public function testKeepsTheComputedRope(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $rope = $this->keep($athlete);
        $this->assertStatus(201);
        self::assertEqualsWithDelta(2.4436, $rope['cableLengthM'], 1e-9);
        self::assertSame('', $rope['overrideReason']);
        $own = $this->send('GET', '/api/athletes/'.$athlete)['rope'];
        self::assertSame($rope['id'], $own['id']);
        self::assertFalse($own['byHand']);
        self::assertSame($rope['id'], $this->send('GET', '/api/athletes')[0]['rope']['id']);
    }

    public function testAnotherLengthNeedsAReasonAndKeepsTheComputedOneBeside(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $problem = $this->keep($athlete, ['cable' => '238']);
        $this->assertStatus(422);
        self::assertSame('overrideReason', $problem['errors'][0]['field']);
        self::assertStringContainsString('not the computed 244 cm', $problem['detail']);
        $rope = $this->keep($athlete, ['cable' => '238', 'overrideReason' => 'hands are already quiet']);
        $this->assertStatus(201);
        self::assertEqualsWithDelta(2.38, $rope['cableLengthM'], 1e-9);
        self::assertEqualsWithDelta(2.4436, $rope['computedCableM'], 1e-9);
        self::assertTrue($this->send('GET', '/api/athletes/'.$athlete)['rope']['byHand']);
    }

    public function testLessThanACentimetreIsNoOverride(): void
    {
        $this->signInto();
        self::assertSame(
            '',
            $this->keep($this->newAthlete(), ['cable' => '244', 'overrideReason' => 'rounded'])['overrideReason'],
        );
    }

    public function testTheNewestRopeIsTheCurrentOneAndTakingItBackBringsTheLast(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $first = $this->keep($athlete);
        $second = $this->keep($athlete, ['school' => 'chest']);
        self::assertSame($second['id'], $this->send('GET', '/api/athletes/'.$athlete)['rope']['id']);
        $removed = $this->send('DELETE', '/api/ropes/'.$second['id'], null, self::change(1));
        self::assertTrue($removed['removed']);
        self::assertSame($first['id'], $this->send('GET', '/api/athletes/'.$athlete)['rope']['id']);
        $this->send('POST', '/api/ropes/'.$second['id'].'/restore', null, self::change(2));
        self::assertSame($second['id'], $this->send('GET', '/api/athletes/'.$athlete)['rope']['id']);
    }

    public function testAnOldVersionIsRefused(): void
    {
        $this->signInto();
        $rope = $this->keep($this->newAthlete());
        $this->send('DELETE', '/api/ropes/'.$rope['id'], null, self::change(7));
        $this->assertStatus(409);
    }

    public function testARopeForAnAthleteOfAnotherGymIsRefused(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $this->signInto();
        $problem = $this->keep($athlete);
        $this->assertStatus(422);
        self::assertSame('athleteId', $problem['errors'][0]['field']);
    }

    public function testTheSameRopeTwiceIsOne(): void
    {
        $gym = $this->signInto();
        $body = self::rope($this->newAthlete());
        $id = self::id();
        $this->send('PUT', '/api/ropes/'.$id, $body);
        $this->send('PUT', '/api/ropes/'.$id, $body);
        $this->assertStatus(200);
        self::assertSame(
            1,
            (int) self::connection()->fetchOne('SELECT COUNT(*) FROM rope WHERE gym_id = ?', [$gym->toBinary()]),
        );
        $this->send('PUT', '/api/ropes/'.$id, ['school' => 'chest'] + $body);
        $this->assertStatus(409);
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array<mixed>
     */
    private function keep(string $athlete, array $with = []): array
    {
        return $this->send('PUT', '/api/ropes/'.self::id(), $with + self::rope($athlete));
    }

    /**
     * @return array<string, mixed>
     */
    private static function rope(string $athlete): array
    {
        return [
            'athleteId' => $athlete,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
        ];
    }
}
